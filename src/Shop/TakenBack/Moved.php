<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** One engine of a move; null: in store. */
final readonly class Moved
{
    public function __construct(public int $engineId, public ?Place $from, public ?Place $to)
    {
    }
}
