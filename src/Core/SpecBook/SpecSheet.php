<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\Interval;

/** One revision of what is known about one range of engines. What is not known is asked for and answered with null. */
final readonly class SpecSheet
{
    /**
     * @param string|null               $reviewer null as long as it is a draft
     * @param array<string, SheetValue> $values   by path, with those that can't be used
     * @param list<SheetField>          $confirms safety-relevant values of the base that were looked up for these engines
     * @param string                    $note     what this revision changes
     * @param self|null                 $origin   without what the boat adds; null: nothing is added
     */
    public function __construct(
        public SheetHead $head,
        public string $author,
        public ?string $reviewer,
        private array $values,
        public ?BaseSheet $base = null,
        public array $confirms = [],
        public string $note = '',
        private ?self $origin = null,
    ) {
    }

    /** With values beside its own that belong to the boat. */
    public function with(SheetValue ...$more): self
    {
        $values = $this->values;
        foreach ($more as $value) {
            $values[$value->field->value] = $value;
        }

        return new self($this->head, $this->author, $this->reviewer, $values, $this->base, $this->confirms, $this->note, $this->origin());
    }

    /** The sheet as the book has it: engines of one sheet are of one kind, whatever their boat adds. */
    public function origin(): self
    {
        return $this->origin ?? $this;
    }

    /** The value that may be used; null is a hole. */
    public function value(SheetField $field): ?SheetValue
    {
        $value = $this->values[$field->value] ?? null;

        return true === $value?->isUsable() ? $value : null;
    }

    /** What stands on the sheet, whether it may be used or not. */
    public function entered(SheetField $field): ?SheetValue
    {
        return $this->values[$field->value] ?? null;
    }

    public function choices(SheetField $field): ?Choices
    {
        $content = $this->value($field)?->content;

        return $content instanceof Choices ? $content : null;
    }

    public function table(SheetField $field): ?Table
    {
        $content = $this->value($field)?->content;

        return $content instanceof Table ? $content : null;
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

    /** How the engine is built, by the sheet's word, or as engines usually are. */
    public function built(SheetField $field): ?string
    {
        return $this->text($field) ?? $field->spec()->usual;
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

    /** Whether a task that it only asks to look at or to clean can be ordered as a renewal all the same. */
    public function renewsOnWish(Task $task): bool
    {
        $isTiming = Task::TimingBelt === ($task->partOf() ?? $task);

        return $task->renewsOnWish()
            && Action::Renew !== ($this->interval($task)->action ?? Action::Renew)
            && (!$isTiming || 'belt' === $this->text(SheetField::BeltsTiming));
    }

    /** @return list<SheetValue> all that stand on it, usable or not, in the order of the fields */
    public function values(): array
    {
        return array_values(array_filter(array_map($this->entered(...), SheetField::cases())));
    }

    /** @return list<string> numbers of all parts that stand on it, in values and in tables */
    public function partNumbers(): array
    {
        $numbers = [];
        foreach ($this->values as $value) {
            if ($value->content instanceof PartNeed) {
                $numbers[] = $value->content->number;
            } elseif ($value->content instanceof Table) {
                array_push($numbers, ...$value->content->partNumbers());
            }
        }

        return array_values(array_unique($numbers));
    }

    /** @return list<Task> the tasks that this engine's schedule knows */
    public function tasks(): array
    {
        return array_values(array_filter(Task::cases(), fn (Task $task): bool => null !== $this->interval($task)));
    }
}
