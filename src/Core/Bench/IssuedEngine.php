<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;

/** An engine of a frozen order. */
final readonly class IssuedEngine
{
    /**
     * @param int|null         $capacityMl  null: its oil is not changed
     * @param int|null         $firstPourMl null: its oil is not changed
     * @param list<IssuedTask> $tasks
     */
    public function __construct(
        public Position $position,
        public string $label,
        public ?int $capacityMl,
        public ?int $firstPourMl,
        public array $tasks,
    ) {
    }
}
