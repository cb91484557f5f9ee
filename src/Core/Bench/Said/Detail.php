<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

/** What an entry says beside its kind. */
interface Detail
{
    /** As a record shows it: `17.5 N·m with the 5–60 N·m wrench`. */
    public function asText(): string;
}
