<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Order\Arrival;
use FreshTack\Core\Order\EngineRequest;
use FreshTack\Core\Order\OrderPolicy;
use FreshTack\Core\Order\OrderRequest;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\ShelfPart;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\Task;

/** An order request as a document, as it is kept with an issued order (docs/formats/order-request.schema.json). */
final readonly class OrderRequestDocument
{
    public const FORMAT = 'fresh-tack/order-request/1';

    /**
     * @param list<array<mixed>> $sheets     of its engines, one each, as the book keeps them
     * @param list<array<mixed>> $procedures of the whole book
     *
     * @return array<string, mixed>
     */
    public static function of(OrderRequest $request, array $sheets, array $procedures): array
    {
        [$visit, $supplies, $wishes] = [$request->visit, $request->supplies, $request->wishes];

        return [
            'format' => self::FORMAT,
            'order' => $visit->order,
            'day' => $visit->day->format('Y-m-d'),
            'place' => $visit->place->value,
            'air' => ['coldest' => $visit->air->coldest->celsius, 'warmest' => $visit->air->warmest->celsius],
            'policy' => self::policy($request->policy),
            'shelf' => array_map(ShelfOilDocument::of(...), $supplies->oils),
            'catalogue' => array_map(self::part(...), $supplies->parts->all()),
            'technicians' => $wishes->technicians,
            'kits' => $wishes->kits,
            'wrenches' => array_map(self::wrench(...), $supplies->wrenches),
            'allowance' => null === $wishes->allowance ? null : [
                'minutes' => $wishes->allowance->minutes->count,
                'reason' => $wishes->allowance->reason,
            ],
            'byHand' => ByHandDocument::of($wishes->byHand),
            'sharedLockout' => $visit->sharedLockout,
            'separators' => SeparatorsDocument::of($visit->separators),
            'engines' => array_map(self::engine(...), $request->engines, $sheets),
            'procedures' => $procedures,
        ];
    }

    /** @return array<string, mixed> */
    private static function policy(OrderPolicy $policy): array
    {
        return [
            'firstPourPercent' => $policy->firstPourPercent,
            'reservePerEngine' => self::volume($policy->reservePerEngine),
            'roundTo' => self::volume($policy->roundTo),
            'prefersGrades' => $policy->prefersGrades,
            'schools' => $policy->schools->toArray(),
            'changeMin' => $policy->changeMin,
            ...([] === $policy->answers->toArray() ? [] : ['answers' => $policy->answers->toArray()]),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(ShelfPart $part): array
    {
        return [
            'number' => $part->number,
            'description' => $part->description,
            'bin' => $part->bin,
            'inStock' => $part->inStock,
            'priceMinor' => $part->priceMinor,
            'supersededBy' => $part->supersededBy,
            'kit' => array_map(static fn (KitLine $line): array => ['part' => $line->part, 'count' => $line->count], $part->kit),
            'onOrder' => $part->onOrder,
            'arrivesOn' => $part->arrivesOn?->format('Y-m-d'),
            'substituteFor' => $part->substituteFor,
        ];
    }

    /** @return array<string, mixed> */
    private static function wrench(TorqueWrench $wrench): array
    {
        return [
            'id' => $wrench->id,
            'fullScale' => ['value' => $wrench->fullScale->given, 'unit' => $wrench->fullScale->unit->value],
            'calibratedOn' => $wrench->calibratedOn->format('Y-m-d'),
            'goodMonths' => $wrench->goodMonths,
        ];
    }

    /**
     * @param array<mixed> $sheet
     *
     * @return array<string, mixed>
     */
    private static function engine(EngineRequest $engine, array $sheet): array
    {
        return [
            'position' => $engine->position->value,
            'model' => $engine->model,
            'serial' => $engine->serial,
            'hours' => $engine->hours?->text(),
            'arrival' => null === $engine->arrival ? null : self::arrival($engine->arrival),
            'tasks' => array_map(
                static fn (PickedTask $picked): array => [
                    'task' => $picked->task->value,
                    'reason' => $picked->reason,
                    'renew' => $picked->renew,
                ],
                $engine->tasks,
            ),
            'sheet' => $sheet,
            'separator' => null !== $engine->sheet->interval(Task::FuelSeparator),
        ];
    }

    /** @return array<string, mixed> */
    private static function arrival(Arrival $arrival): array
    {
        return ['reading' => $arrival->reading->text(), 'restMin' => $arrival->rest->count, 'decision' => $arrival->decision];
    }

    /** @return array{value: string, unit: string} */
    private static function volume(Volume $volume): array
    {
        return ['value' => $volume->given, 'unit' => $volume->unit->value];
    }
}
