<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** Something that was removed from the register and can be brought back. */
final readonly class Removed
{
    public function __construct(
        public int $id,
        public RemovedKind $kind,
        public int $ref,
        public string $name,
        public string $by,
        public \DateTimeImmutable $at,
    ) {
    }
}
