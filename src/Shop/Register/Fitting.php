<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Plan\Position;

/** A time that an engine hung on a boat. */
final readonly class Fitting
{
    /** @param \DateTimeImmutable|null $until null: it still hangs there */
    public function __construct(public int $boatId, public string $boat, public Position $position, public \DateTimeImmutable $from, public ?\DateTimeImmutable $until)
    {
    }
}
