<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\StagedTorque;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\TorqueAndAngle;
use FreshTack\Core\Fastening\TurnsAfterSeating;
use FreshTack\Core\Order\BlockedTask;
use FreshTack\Core\Order\EngineOil;
use FreshTack\Core\Order\EngineOrder;
use FreshTack\Core\Order\HandStep;
use FreshTack\Core\Order\Hole;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\Position;
use FreshTack\Core\Order\ToolLine;
use FreshTack\Core\Order\UsedValues;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\KitOffer;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\RefusedMove;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetGroup;
use FreshTack\Core\SpecBook\SheetValue;

/**
 * A work order as the open document that is previewed, frozen, printed and carried to the bench
 * (docs/formats/work-order.schema.json). Volumes carry exact millilitres and both units as text.
 *
 * @phpstan-type Doc array<string, mixed>
 */
final readonly class WorkOrderDocument
{
    public const FORMAT = 'fresh-tack/work-order/1';

    /**
     * @param bool $withTimeline whether it says when everything is done; its operations stand in that order in any case
     *
     * @return Doc
     */
    public static function of(WorkOrder $order, bool $withTimeline = true): array
    {
        $plates = [];

        return [
            'format' => self::FORMAT,
            'order' => $order->request->number,
            'day' => $order->request->day->format('Y-m-d'),
            'place' => $order->request->place->label(),
            'air' => $order->request->air->text(),
            'engines' => array_map(static function (EngineOrder $engine) use ($order, &$plates): array {
                $used = UsedValues::of($engine, $order->request->procedures);
                $kind = spl_object_id($engine->request->sheet).'|'.implode(',', $used);

                return self::engine($engine, $order->request->procedures, $used, $plates[$kind] ??= self::plate($engine, $used));
            }, $order->engines),
            'operations' => array_map(self::operation(...), $order->operations),
            'oil' => array_map(OilDocument::of(...), $order->oil),
            'parts' => array_map(self::part(...), $order->parts->lines),
            'kits' => array_map(self::kit(...), $order->parts->kits),
            'tools' => array_map(self::tool(...), $order->tools),
            'cautions' => self::cautions($order),
            'timeline' => $withTimeline ? TimelineDocument::of($order->timeline) : null,
            'labour' => ['handsOnMin' => $order->labour->handsOn->count, 'allowanceMin' => $order->labour->allowance->minutes->count, 'allowanceReason' => $order->labour->allowance->reason, 'unattendedMin' => $order->labour->unattended->count, 'soldTenths' => $order->labour->soldTenths(), 'elapsedMin' => $order->timeline->elapsedMin, 'technicians' => $order->timeline->technicians],
            'byHand' => self::byHand($order),
            'issuable' => $order->hasWork(),
        ];
    }

    /**
     * @param list<Procedure> $procedures
     * @param list<string>    $used
     * @param list<Doc>       $plate
     *
     * @return Doc
     */
    private static function engine(EngineOrder $engine, array $procedures, array $used, array $plate): array
    {
        $advice = $engine->arrivalAdvice;

        return [
            'position' => $engine->position->value,
            'label' => $engine->position->label(),
            'model' => $engine->request->model,
            'serial' => $engine->request->serial,
            'hours' => $engine->request->hours?->text(),
            'sheet' => ['id' => $engine->sheet->id, 'revision' => $engine->sheet->revision],
            'tasks' => array_map(static fn (PickedTask $picked): array => self::task($engine, $picked, $procedures), $engine->tasks),
            'blocked' => array_map(self::blocked(...), $engine->blocked),
            'oil' => null === $engine->oil ? null : self::engineOil($engine, $engine->oil),
            'arrival' => null === $engine->request->arrival ? null : [
                'reading' => $engine->request->arrival->reading->text(),
                'restMin' => $engine->request->arrival->rest->count,
                'decision' => $engine->request->arrival->decision,
                'advice' => null === $advice ? null : ['advice' => $advice->advice->value, 'waitMin' => $advice->waitMin, 'amountMl' => $advice->amountMl, 'reason' => $advice->reason],
            ],
            'used' => $used,
            'level' => null === $engine->level ? null : self::level($engine->level),
            'plate' => $plate,
        ];
    }

    /**
     * @param list<string> $used
     *
     * @return list<Doc>
     */
    private static function plate(EngineOrder $engine, array $used): array
    {
        return array_map(static fn (SheetValue $value): array => [
            ...self::figure(new Figure($value->field->value, $value->field->label(), $value->figure(), $value->detail(), $value->source->text())),
            'group' => $value->field->group()->label(),
            'measured' => $value->field->kind()->isFigure(),
        ], self::onThePlate($engine, $used));
    }

    /**
     * The figures to have at hand: all that can be used of the sections that the order draws on.
     *
     * @param list<string> $used
     *
     * @return list<SheetValue>
     */
    private static function onThePlate(EngineOrder $engine, array $used): array
    {
        $groups = array_map(static fn (string $path): string => SheetGroup::ofPath($path)->value, $used);
        $shown = array_flip(array_diff($groups, [SheetGroup::Schedule->value]));

        return array_values(array_filter($engine->request->sheet->values(), static fn (SheetValue $value): bool => $value->isUsable() && (isset($shown[$value->field->group()->value]) || \in_array($value->field->value, $used, true))));
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return Doc
     */
    private static function task(EngineOrder $engine, PickedTask $picked, array $procedures): array
    {
        $every = $engine->request->sheet->interval($picked->task)?->every;
        $aloud = array_values(array_filter($procedures, static fn (Procedure $procedure): bool => $picked->task === $procedure->task));

        return [
            'task' => $picked->task->value,
            'title' => $picked->task->title(),
            'why' => $picked->reason,
            'aloud' => $aloud[0]->aloud ?? '',
            'every' => ['hours' => $every?->hours?->text(), 'months' => $every?->months],
        ];
    }

    /** @return Doc */
    private static function blocked(BlockedTask $blocked): array
    {
        return [
            'task' => $blocked->task->value,
            'title' => $blocked->task->title(),
            'reason' => $blocked->reason,
            'remedy' => $blocked->remedy,
            'holes' => array_map(static fn (string $path): array => ['path' => $path, 'label' => (new Hole($blocked->position, $path))->label()], $blocked->holes),
        ];
    }

    /** @return Doc */
    private static function engineOil(EngineOrder $engine, EngineOil $oil): array
    {
        $sheet = $engine->request->sheet;

        return [
            'grade' => $oil->choice->range->grade,
            'performanceClass' => $oil->performanceClass,
            'gradeWhy' => $engine->facts->figure('order.grade')->detail ?? '',
            'withFilter' => $oil->withFilter,
            'capacity' => self::volume($oil->capacity),
            'capacityWithFilter' => self::optionalVolume($sheet->volume(SheetField::CapacityWithFilter)),
            'capacityWithoutFilter' => self::optionalVolume($sheet->volume(SheetField::CapacityWithoutFilter)),
            'firstPour' => self::volume($oil->firstPour),
            'why' => $oil->capacityWhy,
        ];
    }

    /** @return Doc */
    private static function level(Level $level): array
    {
        return [
            'span' => self::volume($level->dipstick->span),
            'band' => ['low' => (string) $level->dipstick->band->low, 'high' => (string) $level->dipstick->band->high],
            'aim' => $level->dipstick->aim->value,
            'topUpMax' => self::volume($level->dipstick->topUpMax),
            'roundTo' => self::volume($level->dipstick->roundTo),
            'restAfterRunMin' => $level->restAfterRun->count,
            'restAfterPourMin' => $level->restAfterPour->count,
        ];
    }

    /** @return Doc */
    private static function operation(OrderedOperation $ordered): array
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

    /** @return Doc what was asked for by hand and can't be */
    private static function byHand(WorkOrder $order): array
    {
        return [
            'refused' => array_map(static fn (RefusedMove $refused): array => ['work' => $refused->move->work, 'before' => $refused->move->before, 'gate' => $refused->gate?->value, 'why' => $refused->why], $order->refused),
            'lost' => array_map(static fn (HandStep $step): array => ['id' => $step->id, 'after' => $step->after, 'text' => $step->text], $order->lost),
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

    /** @return Doc */
    private static function figure(Figure $figure): array
    {
        return ['path' => $figure->path, 'label' => $figure->label, 'text' => $figure->text, 'detail' => $figure->detail, 'source' => $figure->source];
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
    private static function part(PartLine $line): array
    {
        return [
            'number' => $line->number,
            'description' => $line->shelf?->description,
            'bin' => $line->shelf?->bin,
            'count' => $line->count,
            'inStock' => $line->shelf?->inStock,
            'short' => $line->short(),
            'singleUse' => $line->singleUse,
            'atHand' => $line->atHand,
            'instead' => $line->instead,
            'standsFor' => $line->standsFor,
            'arrivesOn' => $line->arrivesOn()?->format('Y-m-d'),
            'firstUse' => $line->firstUse,
            'positions' => array_map(static fn (Position $position): string => $position->label(), $line->positions),
            'why' => $line->why,
        ];
    }

    /** @return Doc */
    private static function kit(KitOffer $offer): array
    {
        return [
            'number' => $offer->kit->number,
            'description' => $offer->kit->description,
            'count' => $offer->count,
            'covers' => self::pieces($offer->covers),
            'leavesOver' => self::pieces($offer->leavesOver),
            'priceMinor' => $offer->priceMinor,
            'looseMinor' => $offer->looseMinor,
            'taken' => $offer->taken,
            'why' => $offer->reason(),
        ];
    }

    /**
     * @param array<array-key, int> $counts by part number
     *
     * @return list<Doc>
     */
    private static function pieces(array $counts): array
    {
        return array_map(static fn (int|string $number, int $count): array => ['number' => (string) $number, 'count' => $count], array_keys($counts), array_values($counts));
    }

    /** @return Doc */
    private static function tool(ToolLine $tool): array
    {
        return ['firstUse' => $tool->firstUse, 'name' => $tool->name, 'size' => $tool->size, 'standIn' => $tool->standIn, 'wrench' => null === $tool->wrench ? null : ['name' => $tool->wrench->wrench?->name(), 'calibratedOn' => $tool->wrench->wrench?->calibratedOn->format('Y-m-d'), 'warning' => $tool->wrench->warning], 'positions' => array_map(static fn (Position $position): string => $position->label(), $tool->positions), 'why' => $tool->why()];
    }

    /**
     * With the operations that call for each; the manual and the water always count.
     *
     * @return list<Doc>
     */
    private static function cautions(WorkOrder $order): array
    {
        $titles = [];
        foreach ($order->operations as $ordered) {
            foreach ($ordered->operation->cautions as $caution) {
                $titles[$caution->value][$ordered->operation->title] = true;
            }
        }

        return array_map(static fn (Caution $caution): array => [...self::caution($caution), 'why' => isset($titles[$caution->value]) ? 'Called for by: '.lcfirst(implode('; ', array_keys($titles[$caution->value]))).'.' : 'Belongs to every order of this kind.'], $order->cautions);
    }

    /** @return Doc */
    private static function caution(Caution $caution): array
    {
        return ['id' => $caution->value, 'title' => $caution->title(), 'text' => $caution->text()];
    }

    /** @return Doc */
    public static function volume(Volume $volume): array
    {
        return ['value' => $volume->given, 'unit' => $volume->unit->value, 'text' => $volume->inBothUnits()];
    }

    /** @return Doc|null */
    private static function optionalVolume(?Volume $volume): ?array
    {
        return null === $volume ? null : self::volume($volume);
    }
}
