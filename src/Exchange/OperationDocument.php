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
    /** @return Doc */
    public static function of(OrderedOperation $ordered): array
    {
        return [
            'id' => $ordered->id(),
            'position' => $ordered->position?->value,
            'label' => $ordered->position?->label() ?? 'Whole rig',
            'task' => $ordered->task?->value,
            'title' => $ordered->operation->title,
            'attendedMin' => $ordered->attended->count,
            'unattendedMin' => $ordered->unattended->count,
            'why' => $ordered->operation->why,
            'gates' => array_map(static fn (Gate $gate): string => $gate->text(), $ordered->gates()),
            'cautions' => array_map(self::caution(...), $ordered->operation->cautions),
            'steps' => array_map(self::step(...), $ordered->steps),
            'movable' => null !== $ordered->position && null === $ordered->operation->setting->mode,
            'byHand' => $ordered->isByHand(),
        ];
    }

    /** @return Doc */
    private static function step(OrderedStep $step): array
    {
        return [
            'id' => $step->id,
            'text' => $step->text,
            'figure' => null === $step->figure ? null : self::figure($step->figure),
            'beside' => $step->beside,
            'check' => $step->check,
            'slip' => $step->slip,
            'rows' => $step->rows,
            'stack' => $step->stack,
            'entry' => $step->entry,
            'must' => $step->must,
            'tightening' => self::tightening($step->tightening),
            'stages' => $step->tightening instanceof StagedTorque ? array_map(static fn (Torque $stage): string => $stage->given, $step->tightening->stages) : [],
            'degrees' => $step->tightening instanceof TorqueAndAngle ? $step->tightening->degrees : null,
            'warning' => $step->warning,
            'event' => $step->event,
            'uses' => $step->uses,
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
