<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\StagedTorque;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\TorqueAndAngle;
use FreshTack\Core\Fastening\TurnsAfterSeating;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Quantity\Torque;

/**
 * The operations of a work order, with their steps and figures.
 *
 * @phpstan-type Doc array<string, mixed>
 */
final readonly class OperationDocument
{
    /**
     * @param list<OrderedOperation> $operations
     *
     * @return list<Doc>
     */
    public static function all(array $operations): array
    {
        return self::each(
            $operations,
            static fn (OrderedOperation $ordered): array => [...self::shared($ordered), 'needs' => self::needs($ordered->work)],
            static fn (OrderedStep $step): array => [...self::look($step), ...self::bench($step)],
        );
    }

    /**
     * As the counter looks at them.
     *
     * @param list<OrderedOperation> $operations
     *
     * @return list<Doc>
     */
    public static function sketches(array $operations): array
    {
        return self::each($operations, self::shared(...), self::look(...));
    }

    /**
     * Engines of one kind share what is done to them: it is written once and given to each.
     *
     * @param list<OrderedOperation>           $operations
     * @param \Closure(OrderedOperation): Doc $shared
     * @param \Closure(OrderedStep): Doc      $step
     *
     * @return list<Doc>
     */
    private static function each(array $operations, \Closure $shared, \Closure $step): array
    {
        $known = [];

        return array_map(static function (OrderedOperation $ordered) use (&$known, $shared, $step): array {
            $work = $ordered->work;
            $key = implode(
                ' ',
                array_map(spl_object_id(...), [$work->needs, $work->changes, $work->hands, $work->standing, $ordered->operation]),
            );
            $steps = [];
            foreach ($ordered->steps as $each) {
                $steps[] = ['id' => $each->id->text, ...$known['step '.spl_object_id($each->words)] ??= $step($each)];
            }

            return [
                'id' => $ordered->id(),
                'position' => $ordered->position?->value,
                'label' => $ordered->position?->label() ?? 'Whole rig',
                ...$known[$key] ??= $shared($ordered),
                'steps' => $steps,
            ];
        }, $operations);
    }

    /** @return Doc what is the same at every engine of one kind */
    private static function shared(OrderedOperation $ordered): array
    {
        return [
            'task' => $ordered->task?->value,
            'title' => $ordered->operation->title,
            'attendedMin' => $ordered->work->hands->handsOnMin,
            'presenceMin' => $ordered->work->hands->presenceMin,
            'unattendedMin' => $ordered->work->hands->unattendedMin,
            'people' => $ordered->work->hands->people,
            'why' => $ordered->operation->why,
            'gates' => array_map(static fn (Gate $gate): string => $gate->text(), $ordered->work->gates()),
            'cautions' => array_map(self::caution(...), $ordered->operation->doing->outfit->cautions),
            'movable' => null !== $ordered->position && null === $ordered->operation->calling->mode,
            'byHand' => $ordered->isByHand(),
        ];
    }

    /**
     * What the model of the engine asks before it, as the plan was checked.
     *
     * @return Doc
     */
    private static function needs(PlannedWork $work): array
    {
        return [
            'open' => array_column($work->needs->open, 'value'),
            'shut' => array_column($work->needs->shut, 'value'),
            'gates' => array_column($work->needs->gates, 'value'),
            'attitude' => $work->needs->attitude?->value,
            'lockout' => $work->needs->lockout->value,
            'restMin' => $work->needs->restMin,
            'opens' => $work->changes->opens?->value,
            'closes' => $work->changes->closes?->value,
            'zone' => $work->hands->zone->value,
            'together' => '' === $work->standing->together ? null : $work->standing->together,
        ];
    }

    /** @return Doc what is read of a step at the counter */
    private static function look(OrderedStep $step): array
    {
        return [
            'text' => $step->words->text,
            'figure' => null === $step->figures->figure ? null : self::figure($step->figures->figure),
            'beside' => $step->words->beside,
            'rows' => $step->figures->rows,
            'warning' => $step->words->warning,
            'entry' => $step->done->entry,
            'tightening' => self::tightening($step->figures->tightening),
        ];
    }

    /** @return Doc what the bench asks of it besides */
    private static function bench(OrderedStep $step): array
    {
        $tightening = $step->figures->tightening;
        $staged = $tightening instanceof TorqueAndAngle ? $tightening->first : $tightening;

        return [
            'check' => $step->words->check,
            'slip' => $step->words->slip,
            'stack' => $step->figures->stack,
            'must' => $step->done->must,
            'stages' => $staged instanceof StagedTorque
                ? array_map(static fn (Torque $stage): string => $stage->given, $staged->stages)
                : [],
            'degrees' => $tightening instanceof TorqueAndAngle ? array_sum($tightening->degrees) : null,
            'event' => $step->done->event,
            'count' => $step->done->count,
            'effects' => array_column($step->done->effects, 'value'),
            'measure' => MeasureDocument::of($step->done),
            'uses' => $step->figures->uses,
        ];
    }

    /**
     * What an entry at the bench is held against; null if a tick is all there is to enter.
     *
     * @return Doc|null
     */
    private static function tightening(?Tightening $tightening): ?array
    {
        $torque = $tightening?->torque();
        $turns = $tightening?->turns();

        return match (true) {
            null !== $torque => ['kind' => 'torque', 'pattern' => $torque->pattern->value, 'min' => $torque->min->given, 'nominal' => $torque->nominal->given, 'max' => $torque->max->given, 'unit' => $torque->nominal->unit->value, 'thread' => $torque->thread->value],
            null !== $turns => ['kind' => $tightening instanceof TurnsAfterSeating ? 'turns_after_seating' : 'turns_after_contact', 'min' => $turns->min->exact(), 'max' => $turns->max->exact(), 'minTurns' => $turns->min->toFloat(), 'maxTurns' => $turns->max->toFloat()],
            default => null,
        };
    }

    /** @return Doc */
    public static function figure(Figure $figure): array
    {
        return ['path' => $figure->path, 'label' => $figure->label, 'text' => $figure->text, 'detail' => $figure->detail, 'source' => $figure->source];
    }

    /** @return Doc */
    public static function caution(Caution $caution): array
    {
        return ['id' => $caution->value, 'title' => $caution->title(), 'text' => $caution->text()];
    }
}
