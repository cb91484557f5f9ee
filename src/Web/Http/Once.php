<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

/** Sent again with the same Idempotency-Key, this is not done again: the first answer comes back. */
#[\Attribute(\Attribute::TARGET_METHOD | \Attribute::TARGET_CLASS)]
final readonly class Once
{
    /** @param bool $outside whether it reaches somebody outside, which no transaction takes back */
    public function __construct(public bool $outside = false)
    {
    }
}
