<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

final readonly class TrailLine
{
    /** @param array<mixed> $detail */
    public function __construct(
        public \DateTimeImmutable $at,
        public string $by,
        public string $action,
        public string $subject,
        public array $detail,
    ) {
    }
}
