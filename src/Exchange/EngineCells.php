<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;

final readonly class EngineCells
{
    /** @param EngineHours|null $hours as the meter showed them on `$hoursOn` */
    public function __construct(
        public Position $position,
        public string $model,
        public string $serial,
        public \DateTimeImmutable $inService,
        public ?EngineHours $hours,
        public ?\DateTimeImmutable $hoursOn,
        public ?int $year,
        public ?string $gearcase,
        public ?\DateTimeImmutable $warrantyUntil,
    ) {
    }
}
