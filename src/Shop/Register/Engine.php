<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\Plate;

final readonly class Engine
{
    /**
     * @param int|null      $boatId        null: on no boat
     * @param Position|null $position      likewise
     * @param int|null      $year          model year, where somebody had to say it
     * @param string|null   $gearcase      variant, likewise
     * @param \DateTimeImmutable|null $warrantyUntil last day of the maker's warranty
     */
    public function __construct(
        public int $id,
        public ?int $boatId,
        public ?Position $position,
        public string $model,
        public string $serial,
        public \DateTimeImmutable $inService,
        public bool $hasMeter,
        public ?int $year = null,
        public ?string $gearcase = null,
        public ?\DateTimeImmutable $warrantyUntil = null,
        public int $version = 1,
    ) {
    }

    public function plate(): Plate
    {
        return new Plate($this->model, $this->serial, $this->year, $this->gearcase);
    }

    public function label(): string
    {
        return $this->position?->label() ?? 'In store';
    }

    /** @return array<string, array{from: mixed, to: mixed}> what an earlier state of it said otherwise */
    public function differences(self $before): array
    {
        [$old, $new] = [$before->written(), $this->written()];
        $changed = array_filter(array_keys($new), static fn (string $key): bool => $old[$key] !== $new[$key]);

        return array_combine($changed, array_map(static fn (string $key): array => ['from' => $old[$key], 'to' => $new[$key]], $changed));
    }

    /** @return array<string, scalar|null> */
    private function written(): array
    {
        return [
            'model' => $this->model,
            'serial' => $this->serial,
            'inService' => $this->inService->format('Y-m-d'),
            'hasMeter' => $this->hasMeter,
            'year' => $this->year,
            'gearcase' => $this->gearcase,
            'warrantyUntil' => $this->warrantyUntil?->format('Y-m-d'),
        ];
    }

    /** As it stands on the engine itself, in place of what the register says. */
    public function identifiedAs(Plate $plate, bool $hasMeter): self
    {
        return new self($this->id, $this->boatId, $this->position, $plate->model, $plate->serial, $this->inService, $hasMeter, $plate->year, $plate->gearcase, $this->warrantyUntil, $this->version);
    }
}
