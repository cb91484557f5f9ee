<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Order\Arrival;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\Task;

/** One engine of a draft, as the counter entered it. */
final readonly class DraftEngine
{
    /**
     * @param string|null $hours    as read; null: no meter
     * @param string|null $reading  the oil level on arrival as a fraction of the span; null: not read
     * @param string|null $decision what was found about a level above the mark
     * @param list<Task>  $tasks    picked
     * @param int|null    $year     model year, if a sheet asks for it
     * @param string|null $gearcase variant, likewise
     * @param list<Task>  $renew    of the picked ones: renewed, though the sheet only asks for a look or a cleaning
     */
    public function __construct(
        public int $engineId,
        public string $model,
        public string $serial,
        public ?string $hours,
        public ?string $reading,
        public int $restMin,
        public ?string $decision,
        public array $tasks,
        public ?int $year = null,
        public ?string $gearcase = null,
        public array $renew = [],
    ) {
    }

    public function withHours(string $hours): self
    {
        return new self(
            $this->engineId,
            $this->model,
            $this->serial,
            $hours,
            $this->reading,
            $this->restMin,
            $this->decision,
            $this->tasks,
            $this->year,
            $this->gearcase,
            $this->renew,
        );
    }

    /**
     * Null: the level was not read.
     *
     * @throws InvalidQuantity if what was entered can't be read
     */
    public function arrival(): ?Arrival
    {
        return null === $this->reading
            ? null
            : new Arrival(DipstickReading::of($this->reading), Minutes::of($this->restMin), $this->decision);
    }

    public function identifiedAs(Plate $plate): self
    {
        return new self(
            $this->engineId,
            $plate->model,
            $plate->serial,
            $this->hours,
            $this->reading,
            $this->restMin,
            $this->decision,
            $this->tasks,
            $plate->year,
            $plate->gearcase,
            $this->renew,
        );
    }

    public function plate(): Plate
    {
        return new Plate($this->model, $this->serial, $this->year, $this->gearcase);
    }
}
