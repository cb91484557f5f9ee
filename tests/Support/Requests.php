<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\Effort;
use FreshTack\Exchange\OrderRequestDocument;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Exchange\WorkOrderDocument;

/** Order requests to start from; the twin is the water taxi with one engine on either side of a serial break. */
final class Requests
{
    /** @return array<mixed> */
    public static function twin(): array
    {
        return [
            ...self::rig([
                self::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', ['engine_oil', 'oil_filter']),
                self::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil', 'oil_filter']),
            ]),
        ];
    }

    /**
     * @param list<string> $tasks
     *
     * @return array<mixed>
     */
    public static function single(string $model, string $serial, string $sheet, array $tasks): array
    {
        return self::rig([self::engine('single', $model, $serial, $sheet, $tasks)]);
    }

    /**
     * @param list<array<mixed>> $engines
     *
     * @return array<mixed>
     */
    public static function rig(array $engines): array
    {
        return [
            'format' => OrderRequestDocument::FORMAT,
            'order' => '2471',
            'day' => '2026-03-18',
            'place' => 'lift',
            'air' => ['coldest' => -4, 'warmest' => 29],
            'policy' => ['firstPourPercent' => 90, 'reservePerEngine' => ['value' => '250', 'unit' => 'ml'], 'roundTo' => ['value' => '50', 'unit' => 'ml'], 'prefersGrades' => ['10W-40']],
            'shelf' => [self::oil('5l', '5', 'l', 4890, 6), self::oil('1l', '1', 'l', 1150, 14), self::oil('qt', '1', 'us_qt', 1090, 12), self::oil('thin', '1', 'l', 1320, 8, '5W-30'), self::oil('old', '1', 'l', 100, 50, '10W-40', 'VO-1')],
            'catalogue' => [['number' => 'QV-50318', 'description' => 'Oil filter, early series', 'bin' => 'B4-02', 'inStock' => 3], ['number' => 'DM-11407', 'description' => 'Drain plug seal', 'bin' => 'A1-03', 'inStock' => 26], ['number' => 'DM-11415', 'description' => 'Trough plug seal', 'bin' => 'A1-04', 'inStock' => 0]],
            'engines' => $engines,
            'procedures' => Book::procedures(),
        ];
    }

    /**
     * @param list<string> $tasks
     *
     * @return array<mixed>
     */
    public static function engine(string $position, string $model, string $serial, string $sheet, array $tasks): array
    {
        return [
            'position' => $position,
            'model' => $model,
            'serial' => $serial,
            'hours' => '611.4',
            'arrival' => ['reading' => '0.55', 'restMin' => 600, 'decision' => null],
            'tasks' => array_map(static fn (string $task): array => ['task' => $task, 'reason' => 'By hours: 8.8 h past the limit.'], $tasks),
            'sheet' => Book::sheet($sheet),
        ];
    }

    /** @param array<mixed> $request */
    public static function build(array $request, Effort $effort = Effort::Quick): WorkOrder
    {
        return (new OrderBuilder())->build(OrderRequestReader::read($request), $effort);
    }

    /**
     * @param array<mixed> $request
     *
     * @return array<string, mixed>
     */
    public static function document(array $request, Effort $effort = Effort::Quick): array
    {
        return WorkOrderDocument::of(self::build($request, $effort));
    }

    /** @return array<mixed> */
    private static function oil(string $id, string $size, string $unit, int $price, int $stock, string $grade = '10W-40', string $class = 'VO-3'): array
    {
        return ['id' => $id, 'product' => 'Tidewell '.$grade, 'grade' => $grade, 'performanceClass' => $class, 'size' => ['value' => $size, 'unit' => $unit], 'priceMinor' => $price, 'inStock' => $stock, 'opened' => null];
    }
}
