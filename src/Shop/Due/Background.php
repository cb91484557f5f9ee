<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

/** Work that nobody waits for. It is asked for in the unit of work that made it needed, and begins once that is kept. */
interface Background
{
    public function reckonStale(): void;
}
