<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** What is needed to find a sheet: which revision of what it is, and the engines it applies to. */
final readonly class SheetHead
{
    /**
     * @param non-empty-list<string>      $models
     * @param non-empty-list<SerialRange> $ranges
     */
    public function __construct(
        public string $id,
        public int $revision,
        public SheetStatus $status,
        public string $maker,
        public array $models,
        public array $ranges,
    ) {
    }

    public function appliesTo(string $model, SerialNumber $serial): bool
    {
        return \in_array($model, $this->models, true)
            && [] !== array_filter($this->ranges, static fn (SerialRange $range): bool => $range->holds($serial));
    }

    public function name(): string
    {
        return \sprintf('%s rev. %d', $this->id, $this->revision);
    }
}
