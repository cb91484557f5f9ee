<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;

/** Time that goes by with nobody at it: what it is for, since when and until when. */
final readonly class Timer
{
    public function __construct(
        public Position $position,
        public string $workId,
        public string $title,
        public \DateTimeImmutable $from,
        public \DateTimeImmutable $until,
    ) {
    }
}
