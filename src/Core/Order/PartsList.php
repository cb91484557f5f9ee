<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Parts\PartDemand;
use FreshTack\Core\Procedure\PartUse;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\SpecBook\PartNeed;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\Table;

/** What the operations of an order fit, engine by engine. */
final readonly class PartsList
{
    /**
     * @param list<OrderedOperation>     $operations in their sequence
     * @param array<string, EngineOrder> $engines    by position
     *
     * @return list<PartDemand>
     */
    public static function demands(array $operations, array $engines): array
    {
        $demands = [];
        foreach ($operations as $operation) {
            $engine = $engines[$operation->position->value ?? ''] ?? null;
            if (null !== $engine) {
                array_push($demands, ...self::ofOperation($operation, $engine));
            }
        }

        return $demands;
    }

    /** @return list<PartDemand> */
    private static function ofOperation(OrderedOperation $operation, EngineOrder $engine): array
    {
        return array_merge(...array_map(
            static fn (PartUse $use): array => self::of($use, $operation, $engine),
            $operation->called->parts,
        ));
    }

    /** @return list<PartDemand> */
    private static function of(PartUse $use, OrderedOperation $operation, EngineOrder $engine): array
    {
        $value = $engine->facts->value($use->field);
        $content = $value?->content;
        $why = self::why($use, $operation, $engine, $value);

        return match (true) {
            $content instanceof PartNeed => [new PartDemand($content->number, $content->count, $engine->position, $use->singleUse, $use->atHand, $why, $operation->id())],
            $content instanceof Table => self::rows($content, $use, $engine, $operation->id(), $why),
            default => [],
        };
    }

    /** @return list<PartDemand> */
    private static function rows(Table $table, PartUse $use, EngineOrder $engine, string $operation, string $why): array
    {
        $demands = [];
        foreach (RowFilter::rows($table, $use->where, $engine->facts) as $row) {
            $number = $row->words($use->column);
            $count = $row->cell('count');
            if (null !== $number) {
                $demands[] = new PartDemand($number, \is_int($count) ? $count : 1, $engine->position, $use->singleUse, $use->atHand, $why, $operation);
            }
        }

        return $demands;
    }

    private static function why(PartUse $use, OrderedOperation $operation, EngineOrder $engine, ?SheetValue $value): string
    {
        $kind = match (true) {
            $use->singleUse => ' (single use: always new)',
            $use->atHand => ' (laid out, fitted if it is needed)',
            default => '',
        };

        return \sprintf('%s%s. %s, %s.', $operation->operation->title, $kind, $engine->sheet->name(), $value?->source->text() ?? '');
    }
}
