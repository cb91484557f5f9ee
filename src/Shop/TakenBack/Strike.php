<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** Why something that was entered does not count any more. It stays to be read, struck through. */
final readonly class Strike
{
    public function __construct(public string $by, public \DateTimeImmutable $at, public string $why)
    {
    }
}
