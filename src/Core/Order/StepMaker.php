<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\ThreadWarning;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Plan\Changes;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Hands;
use FreshTack\Core\Plan\Needs;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Standing;
use FreshTack\Core\Plan\StepId;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Procedure\Called;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\PartUse;
use FreshTack\Core\Procedure\Phase;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\Procedure\Scope;
use FreshTack\Core\Procedure\Step;
use FreshTack\Core\Procedure\StepEntry;
use FreshTack\Core\Procedure\Thermal;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Table;
use FreshTack\Core\SpecBook\TableRow;

/** Fills an operation's steps with one engine's figures. */
final readonly class StepMaker
{
    /** As a step's entry is named where something is measured or seen. */
    public const MEASURED = 'measured';

    /**
     * @param list<Opening> $openings what this engine has of what must be open
     * @param bool          $bare     without its steps: enough to count minutes
     * @param int           $rank     the lower, the earlier, where nothing else decides
     */
    public function ordered(Position $position, Procedure $procedure, Operation $operation, EngineFacts $facts, array $openings, int $rank, bool $bare = false): OrderedOperation
    {
        $called = $facts->called($operation);
        $work = new PlannedWork(
            new WorkId(Scope::Rig === $operation->calling->scope ? null : $position, $operation->id),
            $operation->title,
            $this->workNeeds($operation, $facts, $openings),
            new Changes(
                array_merge(...array_map(static fn (Step $step): array => $step->bench->effects, $called->steps)),
                $operation->covers->opens,
                $operation->covers->closes,
            ),
            $this->hands($operation, $facts),
            new Standing(
                null === $procedure->task ? '' : $procedure->id,
                $rank,
                $operation->calling->phase->frame(),
                $operation->calling->phase->rank() >= Phase::Reading->rank(),
                Thermal::Warm === $operation->setting->thermal,
                $operation->setting->together,
            ),
        );

        return new OrderedOperation(
            $work,
            $operation,
            $procedure->task,
            $called,
            $bare ? [] : $this->filledSteps($work, $called, $facts),
        );
    }

    /**
     * The same at another engine of its kind; only what tells the reading on arrival is filled in anew.
     *
     * @param bool $bare without its steps
     */
    public function at(Position $position, OrderedOperation $sister, EngineFacts $facts, bool $bare): OrderedOperation
    {
        $work = $sister->work->named($sister->work->id->at($position));

        return $sister->at(
            $position,
            $bare || !$sister->operation->tellsArrival
                ? null
                : $this->filledSteps($work, $sister->called, $facts),
        );
    }

    /** @param list<Opening> $openings */
    private function workNeeds(Operation $operation, EngineFacts $facts, array $openings): Needs
    {
        $setting = $operation->setting;
        $attitude = $setting->attitude->in($facts);
        $said = $setting->attitude->isSaid && null === $attitude ? [Gate::AttitudeSaid] : [];

        return new Needs(
            $openings,
            $operation->covers->shut,
            [...$operation->covers->only, ...(Thermal::Cold === $setting->thermal ? [Gate::Cold] : []), ...$said],
            $attitude,
            $setting->lockout,
            $this->minutes($operation->doing->times->restFrom, $facts)->count ?? 0,
        );
    }

    private function hands(Operation $operation, EngineFacts $facts): Hands
    {
        $times = $operation->doing->times;

        return new Hands(
            $this->handsOn($operation, $facts)->count,
            ($this->minutes($times->presenceFrom, $facts) ?? $times->presence)->count,
            ($this->minutes($times->unattendedFrom, $facts) ?? $times->unattended)->count,
            $operation->setting->people,
            $operation->setting->zone,
        );
    }

    private function minutes(?string $path, EngineFacts $facts): ?Minutes
    {
        $content = null === $path ? null : $facts->value($path)?->content;

        return $content instanceof Minutes ? $content : null;
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

        return $operation->doing->times->attended->in($facts);
    }

    /** @return list<OrderedStep> */
    private function filledSteps(PlannedWork $work, Called $called, EngineFacts $facts): array
    {
        $laidOut = array_column(array_filter($called->parts, static fn (PartUse $use): bool => $use->atHand), 'field');
        $stops = array_keys(
            array_filter($called->steps, static fn (Step $step): bool => \in_array(Effect::Stopped, $step->bench->effects, true)),
        );

        return array_map(fn (Step $step, int $place): OrderedStep => $this->step(
            new StepId($work->id, $step->id),
            $step,
            $facts,
            match (true) {
                StepEntry::Poured === $step->bench->entry => 'pour',
                $place === ($stops[0] ?? null) => 'run',
                default => null,
            },
            $laidOut,
        ), $called->steps, array_keys($called->steps));
    }

    /**
     * @param string|null  $event   the engine has run once the step that stops it is done
     * @param list<string> $laidOut paths of the values whose parts lie ready in case they are needed
     */
    private function step(StepId $id, Step $step, EngineFacts $facts, ?string $event, array $laidOut): OrderedStep
    {
        $path = $step->figures->figure;
        $content = null === $path ? null : $facts->value($path)?->content;
        $tightening = $content instanceof Tightening ? ($step->figures->isUsed ? $content->usedAgain() : $content) : null;
        $entry = $step->bench->entry;
        $torque = $tightening?->torque();
        $limit = $step->bench->measure?->limit();
        $count = StepEntry::Fasteners === $entry ? $this->counted($step, $facts) : null;

        return new OrderedStep(
            $id,
            new FilledWords(
                $step->words->text->fill($facts),
                $step->words->beside?->fill($facts),
                $step->words->check?->fill($facts),
                $step->words->slip?->fill($facts),
                null === $torque ? null : ThreadWarning::of($torque, $facts->schools()),
            ),
            new FilledFigures(
                null === $path ? null : self::figure($facts->figure($path), $tightening, $step->figures->isUsed),
                $tightening,
                $this->rows($step, $facts),
                $this->stack($step, $facts),
                $step->needs,
            ),
            new StepDone(
                match (true) {
                    StepEntry::Tightening === $entry => $tightening?->entryKind() ?? StepEntry::Tick->value,
                    StepEntry::Fasteners === $entry && null === $count => StepEntry::Tick->value,
                    StepEntry::Tick === $entry && null !== $step->bench->measure => self::MEASURED,
                    default => $entry->value,
                },
                $step->bench->must,
                $event,
                $step->bench->effects,
                $this->asked($step, $facts, $laidOut),
                null === $limit || null === $facts->value($limit->value) ? null : $facts->figure($limit->value),
                $count,
            ),
        );
    }

    /** @param list<string> $laidOut */
    private function asked(Step $step, EngineFacts $facts, array $laidOut): ?AskedMeasure
    {
        $measure = $step->bench->measure;

        return null === $measure ? null : (new MeasurePlaces($facts))->asked(
            $measure,
            $this->table($step, $facts),
            \in_array($measure->limit()?->value, $laidOut, true),
        );
    }

    /** How many fasteners the rows name; null: none */
    private function counted(Step $step, EngineFacts $facts): ?int
    {
        $count = array_sum(array_map(static fn (TableRow $row): int => $row->number('count') ?? 0, $this->table($step, $facts)));

        return 0 === $count ? null : $count;
    }

    private static function figure(?Figure $figure, ?Tightening $tightening, bool $isUsed): ?Figure
    {
        return null === $figure || null === $tightening || !$isUsed
            ? $figure
            : new Figure($figure->path, $figure->label, $tightening->figure(), $tightening->detail(), $figure->source);
    }

    /** @return list<string> */
    private function rows(Step $step, EngineFacts $facts): array
    {
        return array_map(static fn (TableRow $row): string => $row->spoken(), $this->table($step, $facts));
    }

    /** @return list<TableRow> */
    private function table(Step $step, EngineFacts $facts): array
    {
        $table = null === $step->figures->rows ? null : $facts->value($step->figures->rows)?->content;

        return $table instanceof Table ? RowFilter::rows($table, $step->figures->where, $facts) : [];
    }

    /** @return list<array{piece: string, facing: string|null}> */
    private function stack(Step $step, EngineFacts $facts): array
    {
        $table = null === $step->figures->rows ? null : $facts->value($step->figures->rows)?->content;
        $pieces = $table instanceof Table ? array_filter($table->rows, static fn (TableRow $row): bool => null !== $row->words('piece')) : [];
        $facesAny = [] !== array_filter($pieces, static fn (TableRow $row): bool => null !== $row->words('facing'));

        return $facesAny ? array_values(array_map(static fn (TableRow $row): array => ['piece' => $row->words('piece') ?? '', 'facing' => $row->words('facing')], $pieces)) : [];
    }
}
