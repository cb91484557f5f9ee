<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

final readonly class WaitingRefusal
{
    public function __construct(
        public int $id,
        public string $model,
        public string $serial,
        public string $reason,
        public string $message,
        public int $boatId,
        public string $boat,
        public string $by,
        public \DateTimeImmutable $at,
    ) {
    }
}
