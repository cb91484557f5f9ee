<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Order\Position;
use FreshTack\Core\SpecBook\Plate;

final readonly class Engine
{
    /**
     * @param int|null    $year     model year, where somebody had to say it
     * @param string|null $gearcase variant, likewise
     */
    public function __construct(
        public int $id,
        public int $boatId,
        public Position $position,
        public string $model,
        public string $serial,
        public \DateTimeImmutable $inService,
        public bool $hasMeter,
        public ?int $year = null,
        public ?string $gearcase = null,
    ) {
    }

    public function plate(): Plate
    {
        return new Plate($this->model, $this->serial, $this->year, $this->gearcase);
    }
}
