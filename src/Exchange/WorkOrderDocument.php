<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Order\BlockedTask;
use FreshTack\Core\Order\EngineOil;
use FreshTack\Core\Order\EngineOrder;
use FreshTack\Core\Order\HandStep;
use FreshTack\Core\Order\Hole;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\UsedValues;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\RefusedMove;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Procedure\Procedure;
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
    public const FORMAT = 'fresh-tack/work-order/2';

    /**
     * @param bool $withTimeline whether it says when everything is done; its operations stand in that order in any case
     *
     * @return Doc
     */
    public static function of(WorkOrder $order, bool $withTimeline = true): array
    {
        $plates = $uses = [];

        return [
            'format' => self::FORMAT,
            ...self::visit($order),
            'engines' => array_map(static function (EngineOrder $engine) use ($order, &$plates, &$uses): array {
                $used = $uses[$engine->facts->kind] ??= UsedValues::of($engine, $order->request->procedures);
                $kind = spl_object_id($engine->request->sheet).'|'.implode(',', $used);

                return [
                    ...self::engine($engine, $order->request->procedures),
                    'used' => $used,
                    'plate' => $plates[$kind] ??= self::plate($engine, $used),
                ];
            }, $order->engines),
            'operations' => OperationDocument::all($order->operations),
            'answers' => MeasureDocument::answers($order->operations, $order->request->policy->answers),
            ...self::pulled($order),
            'timeline' => $withTimeline ? TimelineDocument::of($order->timeline) : null,
            ...self::sums($order),
        ];
    }

    /**
     * What the counter looks at while an order is put together, its operations in the order of the timeline: without
     * plates, and without what only the bench asks of a step.
     *
     * @return Doc
     */
    public static function sketch(WorkOrder $order): array
    {
        return [
            ...self::visit($order),
            'engines' => array_map(
                static fn (EngineOrder $engine): array => self::engine($engine, $order->request->procedures),
                $order->engines,
            ),
            'operations' => OperationDocument::sketches($order->operations),
            ...self::pulled($order),
            ...self::sums($order),
        ];
    }

    /** @return Doc */
    private static function visit(WorkOrder $order): array
    {
        $visit = $order->request->visit;

        return [
            'order' => $visit->order,
            'day' => $visit->day->format('Y-m-d'),
            'place' => $visit->place->label(),
            'air' => $visit->air->text(),
            'sharedLockout' => $visit->sharedLockout,
        ];
    }

    /** @return Doc what is fetched for it, and what it warns of */
    private static function pulled(WorkOrder $order): array
    {
        return [
            'oil' => array_map(OilDocument::of(...), $order->oil),
            'lubricants' => array_map(OilDocument::lubricant(...), $order->lubricants),
            'parts' => array_map(PullDocument::part(...), $order->parts->lines),
            'kits' => array_map(PullDocument::kit(...), $order->parts->kits),
            'tools' => array_map(PullDocument::tool(...), $order->tools),
            'cautions' => self::cautions($order),
        ];
    }

    /** @return Doc */
    private static function sums(WorkOrder $order): array
    {
        return ['labour' => self::labour($order), 'byHand' => self::byHand($order), 'issuable' => $order->hasWork()];
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return Doc
     */
    private static function engine(EngineOrder $engine, array $procedures): array
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
            'level' => null === $engine->level ? null : self::level($engine->level),
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
            ...OperationDocument::figure(new Figure($value->field->value, $value->field->label(), $value->figure(), $value->detail(), $value->source->text())),
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
        $sheet = $engine->request->sheet;
        $every = $sheet->interval($picked->task)?->every;
        $aloud = array_values(array_filter($procedures, static fn (Procedure $procedure): bool => $picked->task === $procedure->task));

        return [
            'task' => $picked->task->value,
            'title' => $picked->title($sheet),
            'action' => $picked->action($sheet)->value,
            'why' => $picked->reason,
            'aloud' => ($picked->isRenewedOnWish($sheet) ? $picked->title($sheet).'. ' : '').($aloud[0]->aloud ?? ''),
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
            'readTwice' => $level->isReadTwice,
        ];
    }

    /** @return Doc */
    private static function labour(WorkOrder $order): array
    {
        $labour = $order->labour;

        return [
            'handsOnMin' => $labour->handsOn->count,
            'secondHandMin' => $labour->secondHand->count,
            'secondHandSold' => $labour->sellsAll,
            'presenceMin' => $labour->presence->count,
            'allowanceMin' => $labour->allowance->minutes->count,
            'allowanceReason' => $labour->allowance->reason,
            'unattendedMin' => $labour->unattended->count,
            'soldTenths' => $labour->soldTenths(),
            'soldRounded' => $labour->roundsUp ? 'up' : 'to the nearest',
            'elapsedMin' => $order->timeline->elapsedMin,
            'technicians' => $order->timeline->technicians,
            'changes' => $order->timeline->changes(),
        ];
    }

    /** @return Doc what was asked for by hand and can't be */
    private static function byHand(WorkOrder $order): array
    {
        return [
            'refused' => array_map(static fn (RefusedMove $refused): array => [
                'work' => $refused->move->work->text,
                'before' => $refused->move->before->text,
                'gate' => $refused->gate?->value,
                'why' => $refused->why,
            ], $order->refused),
            'lost' => array_map(
                static fn (HandStep $step): array => ['id' => $step->id, 'after' => $step->after->text, 'text' => $step->text],
                $order->lost,
            ),
        ];
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
            foreach ($ordered->operation->doing->outfit->cautions as $caution) {
                $titles[$caution->value][$ordered->operation->title] = true;
            }
        }

        return array_map(static fn (Caution $caution): array => [...OperationDocument::caution($caution), 'why' => isset($titles[$caution->value]) ? 'Called for by: '.lcfirst(implode('; ', array_keys($titles[$caution->value]))).'.' : 'Belongs to every order of this kind.'], $order->cautions);
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
