<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** Where somebody said how many went on of a part that was laid out. */
final readonly class UsedPart
{
    /** @param int $count pieces; 0: it was not needed */
    public function __construct(public string $number, public int $count, public Entry $entry)
    {
    }
}
