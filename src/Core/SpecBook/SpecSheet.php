<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Schedule\Interval;

/** One revision of what is known about one range of engines. What is not known is asked for and answered with null. */
final readonly class SpecSheet
{
    /** @param array<string, SheetValue> $values by path */
    public function __construct(public SheetHead $head, public string $author, public string $reviewer, private array $values)
    {
    }

    public function value(SheetField $field): ?SheetValue
    {
        return $this->values[$field->value] ?? null;
    }

    public function volume(SheetField $field): ?Volume
    {
        $content = $this->value($field)?->content;

        return $content instanceof Volume ? $content : null;
    }

    public function minutes(SheetField $field): ?Minutes
    {
        $content = $this->value($field)?->content;

        return $content instanceof Minutes ? $content : null;
    }

    public function part(SheetField $field): ?PartNeed
    {
        $content = $this->value($field)?->content;

        return $content instanceof PartNeed ? $content : null;
    }

    public function tightening(SheetField $field): ?Tightening
    {
        $content = $this->value($field)?->content;

        return $content instanceof Tightening ? $content : null;
    }

    public function band(): ?DipstickBand
    {
        $content = $this->value(SheetField::DipstickBand)?->content;

        return $content instanceof DipstickBand ? $content : null;
    }

    public function grades(): ?GradeChart
    {
        $content = $this->value(SheetField::Grades)?->content;

        return $content instanceof GradeChart ? $content : null;
    }

    public function text(SheetField $field): ?string
    {
        $content = $this->value($field)?->content;

        return \is_string($content) ? $content : null;
    }

    public function flag(SheetField $field): ?bool
    {
        $content = $this->value($field)?->content;

        return \is_bool($content) ? $content : null;
    }

    public function interval(Task $task): ?Interval
    {
        $content = $this->value($task->schedule())?->content;

        return $content instanceof Interval ? $content : null;
    }

    /** @return list<SheetValue> in the order of the fields */
    public function values(): array
    {
        return array_values(array_filter(array_map($this->value(...), SheetField::cases())));
    }

    /** @return list<Task> the tasks that this engine's schedule knows */
    public function tasks(): array
    {
        return array_values(array_filter(Task::cases(), fn (Task $task): bool => null !== $this->interval($task)));
    }
}
