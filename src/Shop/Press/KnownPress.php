<?php

declare(strict_types=1);

namespace FreshTack\Shop\Press;

final readonly class KnownPress
{
    /** @param Answer|null $answer null: it was begun, and how it ended is not known */
    public function __construct(public Press $press, public ?Answer $answer)
    {
    }
}
