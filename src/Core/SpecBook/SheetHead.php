<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** What is needed to find a sheet: which revision of what it is, and the engines it applies to. A family sheet applies to none by itself. */
final readonly class SheetHead
{
    /**
     * @param list<string>      $models
     * @param list<SerialRange> $ranges
     * @param list<string>      $gearcases variants; empty: any
     */
    public function __construct(
        public string $id,
        public int $revision,
        public SheetStatus $status,
        public string $maker,
        public array $models,
        public array $ranges,
        public ?YearRange $years = null,
        public array $gearcases = [],
    ) {
    }

    public function isFamily(): bool
    {
        return [] === $this->models;
    }

    /** What is not known of the engine counts as fitting: `asks()` tells what still has to be known. */
    public function mayApplyTo(Plate $plate, SerialNumber $serial): bool
    {
        return \in_array($plate->model, $this->models, true)
            && [] !== array_filter($this->ranges, static fn (SerialRange $range): bool => $range->holds($serial))
            && (null === $plate->year || null === $this->years || $this->years->holds($plate->year))
            && (null === $plate->gearcase || [] === $this->gearcases || \in_array($plate->gearcase, $this->gearcases, true));
    }

    /** @return list<Asked> what this sheet is particular about and nobody has said of the engine */
    public function asks(Plate $plate): array
    {
        return array_values(array_filter([
            null === $plate->year && null !== $this->years ? Asked::Year : null,
            null === $plate->gearcase && [] !== $this->gearcases ? Asked::Gearcase : null,
        ]));
    }

    /** Whether one engine could belong to both, serial numbers left aside. */
    public function meets(self $other): bool
    {
        $years = null === $this->years || null === $other->years || $this->years->meets($other->years);
        $gearcases = [] === $this->gearcases || [] === $other->gearcases || [] !== array_intersect($this->gearcases, $other->gearcases);

        return $years && $gearcases;
    }

    public function name(): string
    {
        return \sprintf('%s rev. %d', $this->id, $this->revision);
    }
}
