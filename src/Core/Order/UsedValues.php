<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\SpecBook\SheetField;

/** The values of a sheet that an order rests on: a later revision concerns the order only if one of these changed. */
final readonly class UsedValues
{
    private const OIL = [SheetField::Grades, SheetField::PerformanceClass, SheetField::LeftByExtraction];
    private const LEVEL = [SheetField::DipstickSpan, SheetField::DipstickBand, SheetField::LargestTopUp, SheetField::RestAfterRun, SheetField::RestAfterPour];

    /**
     * @param list<Procedure> $procedures
     *
     * @return list<string> paths, in the order of the fields
     */
    public static function of(EngineOrder $engine, array $procedures): array
    {
        $paths = [
            ...array_merge(...array_map(static fn (OrderedOperation $ordered): array => $ordered->called->needs, $engine->operations)),
            ...array_merge(...array_map(static fn (OrderedOperation $ordered): array => $ordered->operation->asks, $engine->operations)),
            ...self::conditions($engine, $procedures),
            ...self::byTheOrder($engine),
        ];
        $isUsed = array_flip($paths);
        $fields = array_filter(SheetField::cases(), static fn (SheetField $field): bool => isset($isUsed[$field->value]));

        return array_values(array_map(static fn (SheetField $field): string => $field->value, $fields));
    }

    /**
     * Also the questions that left an operation out: another answer would bring it in.
     *
     * @param list<Procedure> $procedures
     *
     * @return list<string>
     */
    private static function conditions(EngineOrder $engine, array $procedures): array
    {
        $tasks = array_map(static fn (PickedTask $picked): string => $picked->task->value, $engine->tasks);
        $ours = array_filter($procedures, static fn (Procedure $procedure): bool => [] !== $tasks && (null === $procedure->task || \in_array($procedure->task->value, $tasks, true)));
        $operations = array_merge(...array_values(array_map(self::askedOf(...), $ours)));

        return array_merge(...array_map(static fn (Operation $operation): array => $operation->asks, $operations));
    }

    /** @return list<Operation> of what belongs to every visit not the covers, which stay shut if nothing behind them is wanted */
    private static function askedOf(Procedure $procedure): array
    {
        return array_values(array_filter(
            $procedure->operations,
            static fn (Operation $operation): bool => null !== $procedure->task
                || (null === $operation->opensOrCloses() && null === $operation->calling->mode),
        ));
    }

    /** @return list<string> */
    private static function byTheOrder(EngineOrder $engine): array
    {
        $capacity = null === $engine->oil ? [] : [$engine->oil->withFilter ? SheetField::CapacityWithFilter : SheetField::CapacityWithoutFilter, ...self::OIL];
        $level = null === $engine->level || null === $engine->oil ? [] : self::LEVEL;
        $schedules = array_map(static fn (PickedTask $picked): SheetField => $picked->task->schedule(), $engine->tasks);

        return array_map(static fn (SheetField $field): string => $field->value, [...$capacity, ...$level, ...$schedules]);
    }
}
