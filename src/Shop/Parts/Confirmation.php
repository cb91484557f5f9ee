<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

/** Somebody held a part's number against the order before it was fitted. */
final readonly class Confirmation
{
    /** @param string $engine as the order calls it */
    public function __construct(public string $number, public string $engine, public string $by, public \DateTimeImmutable $at)
    {
    }
}
