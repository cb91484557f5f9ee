<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Fluid\ContainerPlanner;
use FreshTack\Core\Fluid\ShelfTooShort;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\Procedure\Step;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Table;

/**
 * Gear lubricant and greases: pooled over the engines as the engine oil is, in the order of use. Containers are picked
 * for what is counted; greases lie ready by name.
 */
final readonly class LubricantPlanner
{
    public function __construct(private ContainerPlanner $containers = new ContainerPlanner())
    {
    }

    /**
     * @param list<OrderedOperation>     $operations in their sequence
     * @param array<string, EngineOrder> $engines    by position
     *
     * @return list<LubricantPool>
     */
    public function plan(array $operations, array $engines, OrderRequest $request): array
    {
        $pools = $filled = [];
        foreach ($operations as $operation) {
            $engine = $engines[$operation->position->value ?? ''] ?? null;
            foreach (null === $engine ? [] : self::uses($operation, $engine) as $use) {
                $known = $use->name.'|'.$use->position->value;
                $pools[$use->name][] = isset($filled[$known]) ? $use->uncounted() : $use;
                $filled += null === $use->amount ? [] : [$known => true];
            }
        }

        return array_map(fn (array $uses): LubricantPool => $this->pool($uses, $request), array_values($pools));
    }

    /** @return list<LubricantUse> each lubricant once */
    private static function uses(OrderedOperation $operation, EngineOrder $engine): array
    {
        $uses = [];
        foreach ($operation->called->needs as $path) {
            $field = SheetField::tryFrom($path);
            $name = true === $field?->namesLubricant() ? $engine->request->sheet->text($field) : null;
            if (null !== $name) {
                $isFilled = SheetField::GearcaseLubricant === $field;
                $amount = $isFilled ? $engine->request->sheet->volume(SheetField::GearcaseVolume) : null;
                $uses[$name] = new LubricantUse($name, $engine->position, $operation, $amount);
            }
        }
        foreach ($operation->called->steps as $step) {
            foreach (self::greases($step, $engine) as $name => $strokes) {
                $uses[$name] ??= new LubricantUse((string) $name, $engine->position, $operation, null, $strokes);
            }
        }

        return array_values($uses);
    }

    /** @return array<int|string, int> strokes that the sheet counts, by the greases of the points that a step goes through */
    private static function greases(Step $step, EngineOrder $engine): array
    {
        if (SheetField::LubricationPoints->value !== $step->figures->rows) {
            return [];
        }
        $table = $engine->request->sheet->table(SheetField::LubricationPoints);
        $greases = [];
        foreach ($table instanceof Table ? RowFilter::rows($table, $step->figures->where, $engine->facts) : [] as $row) {
            $name = $row->words('grease');
            $strokes = $row->cell('strokes');
            if (null !== $name) {
                $greases[$name] = ($greases[$name] ?? 0) + (\is_int($strokes) ? $strokes : 0);
            }
        }

        return $greases;
    }

    /** @param non-empty-list<LubricantUse> $uses */
    private function pool(array $uses, OrderRequest $request): LubricantPool
    {
        $counted = array_values(array_filter($uses, static fn (LubricantUse $use): bool => null !== $use->amount));
        $need = [] === $counted ? null : array_reduce(
            $counted,
            static fn (Volume $sum, LubricantUse $use): Volume => $sum->plus($use->amount ?? Volume::nothing()),
            Volume::nothing(),
        );
        [$plan, $shortage] = $this->pulled($need, $uses[0]->name, $request);
        $positions = array_column(array_map(static fn (LubricantUse $use): array => [$use->position->value, $use->position], $uses), 1, 0);

        return new LubricantPool(
            $uses[0]->name,
            array_values($positions),
            array_values(array_unique(array_map(
                static fn (LubricantUse $use): string => $use->operation->operation->title,
                $uses,
            ))),
            $uses[0]->operation->id(),
            $need,
            $plan,
            $shortage,
            [] === $counted ? self::whyReady($uses, array_values($positions)) : self::why($counted),
        );
    }

    /**
     * What nobody counts takes one container, an opened one first; a shelf that does not keep it is not short of it.
     *
     * @return array{ContainerPlan|null, string|null}
     */
    private function pulled(?Volume $need, string $name, OrderRequest $request): array
    {
        $shelf = array_filter($request->supplies->oils, static fn (ShelfOil $oil): bool => $oil->isCalled($name));
        $containers = array_values(array_map(static fn (ShelfOil $oil): Container => $oil->container, $shelf));
        if (null === $need && [] === $containers) {
            return [null, null];
        }
        try {
            return [$this->containers->plan($need ?? Volume::whole(1), $containers), null];
        } catch (ShelfTooShort $short) {
            return [null, $short->getMessage()];
        }
    }

    /** @param non-empty-list<LubricantUse> $counted */
    private static function why(array $counted): string
    {
        $amounts = array_map(
            static fn (LubricantUse $use): string => lcfirst($use->position->label()).' '.$use->amount?->inBothUnits(),
            $counted,
        );

        return ucfirst(implode(' + ', $amounts)).' by the sheet. What stays in the pump and its hose comes on top.';
    }

    /**
     * @param list<LubricantUse> $uses
     * @param list<Position>     $positions
     */
    private static function whyReady(array $uses, array $positions): string
    {
        $strokes = array_sum(array_map(static fn (LubricantUse $use): int => $use->strokes, $uses));
        $of = 1 === \count($positions) ? 'of the engine' : 'of each engine';

        return 0 === $strokes
            ? \sprintf('Named by the sheet %s; it gives no amount.', $of)
            : \sprintf('Named by the sheet %s: %d strokes of the gun in all, and at the other points until it shows.', $of, $strokes);
    }
}
