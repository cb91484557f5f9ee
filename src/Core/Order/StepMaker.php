<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\ThreadWarning;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\Procedure\Scope;
use FreshTack\Core\Procedure\Step;
use FreshTack\Core\Procedure\StepEntry;
use FreshTack\Core\Procedure\Template;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Table;
use FreshTack\Core\SpecBook\TableRow;

/** Fills an operation's steps with one engine's figures. */
final readonly class StepMaker
{
    /**
     * @param list<Opening> $openings what this engine has of what must be open
     * @param bool          $bare     without its steps: enough to count minutes
     * @param int           $rank     the lower, the earlier, where nothing else decides
     */
    public function ordered(Position $position, Procedure $procedure, Operation $operation, EngineFacts $facts, array $openings, int $rank, bool $bare = false): OrderedOperation
    {
        $at = Scope::Rig === $operation->scope ? null : $position;
        $called = $bare ? [] : array_values(array_filter($operation->steps, static fn (Step $step): bool => $step->when->holds($facts)));
        $last = \count($called) - 1;
        $steps = array_map(fn (Step $step, int $index): OrderedStep => $this->step($at, $operation, $step, $facts, $index === $last), $called, array_keys($called));

        return new OrderedOperation(
            $at,
            $operation,
            $procedure->task,
            $this->handsOn($operation, $facts),
            $this->minutes($operation->unattendedFrom, $facts) ?? $operation->unattended,
            $operation->setting->attitude ?? $this->attitude($operation->setting->attitudeFrom, $facts),
            $this->minutes($operation->restFrom, $facts)->count ?? 0,
            $steps,
            $openings,
            null === $procedure->task ? '' : $procedure->id,
            $rank,
        );
    }

    /**
     * The same at another engine of its kind; only what tells the reading on arrival is filled in anew.
     *
     * @param bool $bare without its steps
     */
    public function at(Position $position, OrderedOperation $sister, EngineFacts $facts, bool $bare): OrderedOperation
    {
        $called = $bare || !$sister->operation->tellsArrival ? null : array_values(array_filter($sister->operation->steps, static fn (Step $step): bool => $step->when->holds($facts)));
        if (null === $called) {
            return $sister->at($position);
        }
        $last = \count($called) - 1;

        return $sister->at($position, array_map(fn (Step $step, int $index): OrderedStep => $this->step($position, $sister->operation, $step, $facts, $index === $last), $called, array_keys($called)));
    }

    private function minutes(?string $path, EngineFacts $facts): ?Minutes
    {
        $content = null === $path ? null : $facts->value($path)?->content;

        return $content instanceof Minutes ? $content : null;
    }

    private function attitude(?string $path, EngineFacts $facts): ?Attitude
    {
        return null === $path ? null : Attitude::tryFrom($facts->raw($path) ?? '');
    }

    private function handsOn(Operation $operation, EngineFacts $facts): Minutes
    {
        $times = $facts->sheet->table(SheetField::OperationTimes);
        foreach ($times->rows ?? [] as $row) {
            $attended = $row->cell('attended');
            if ($operation->id === $row->words('operation') && $attended instanceof Minutes) {
                return $attended;
            }
        }

        return $operation->attended;
    }

    private function step(?Position $at, Operation $operation, Step $step, EngineFacts $facts, bool $isLast): OrderedStep
    {
        $content = null === $step->figure ? null : $facts->value($step->figure)?->content;
        $tightening = $content instanceof Tightening ? $content : null;

        return new OrderedStep(
            ($at->value ?? 'rig').'.'.$operation->id.'.'.$step->id,
            $step->text->fill($facts),
            null === $step->figure ? null : $facts->figure($step->figure),
            $this->filled($step->beside, $facts),
            $this->filled($step->check, $facts),
            $this->filled($step->slip, $facts),
            StepEntry::Tightening === $step->entry ? ($tightening?->entryKind() ?? StepEntry::Tick->value) : $step->entry->value,
            $step->must,
            $tightening,
            $this->event($operation, $step, $isLast),
            $step->needs,
            $this->rows($step, $facts),
            null === $tightening?->torque() ? null : ThreadWarning::of($tightening->torque(), $facts->schools()),
            $this->stack($step, $facts),
        );
    }

    /** @return list<string> */
    private function rows(Step $step, EngineFacts $facts): array
    {
        $table = null === $step->rows ? null : $facts->value($step->rows)?->content;

        return $table instanceof Table ? array_map(static fn (TableRow $row): string => $row->spoken(), RowFilter::rows($table, $step->where, $facts)) : [];
    }

    /** @return list<array{piece: string, facing: string|null}> */
    private function stack(Step $step, EngineFacts $facts): array
    {
        $table = null === $step->rows ? null : $facts->value($step->rows)?->content;
        $pieces = $table instanceof Table ? array_filter($table->rows, static fn (TableRow $row): bool => null !== $row->words('piece')) : [];
        $facesAny = [] !== array_filter($pieces, static fn (TableRow $row): bool => null !== $row->words('facing'));

        return $facesAny ? array_values(array_map(static fn (TableRow $row): array => ['piece' => $row->words('piece') ?? '', 'facing' => $row->words('facing')], $pieces)) : [];
    }

    private function filled(?Template $template, EngineFacts $facts): ?string
    {
        return $template?->fill($facts);
    }

    /** The engine has run once the last step of an operation that starts and stops it is done. */
    private function event(Operation $operation, Step $step, bool $isLast): ?string
    {
        return match (true) {
            StepEntry::Poured === $step->entry => 'pour',
            $isLast && \in_array(Effect::Stopped, $operation->effects, true) => 'run',
            default => null,
        };
    }
}
