<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Fluid\ContainerPlanner;
use FreshTack\Core\Fluid\ShelfTooShort;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;

/** Pools the need of engines that take the same oil and picks the containers for each pool. */
final readonly class OilPlanner
{
    public function __construct(private ContainerPlanner $containers = new ContainerPlanner())
    {
    }

    /**
     * @param list<EngineOrder> $engines
     *
     * @return list<OilPool>
     */
    public function plan(array $engines, OrderRequest $request): array
    {
        $groups = [];
        foreach ($engines as $engine) {
            if (null !== $engine->oil) {
                $groups[$engine->oil->key()][] = [$engine->position, $engine->oil];
            }
        }

        return array_map(fn (array $group): OilPool => $this->pool($group, $request), array_values($groups));
    }

    /** @param non-empty-list<array{Position, EngineOil}> $group */
    private function pool(array $group, OrderRequest $request): OilPool
    {
        $zero = Volume::nothing();
        $capacity = array_reduce($group, static fn (Volume $sum, array $engine): Volume => $sum->plus($engine[1]->capacity), $zero);
        $reserve = array_reduce($group, static fn (Volume $sum): Volume => $sum->plus($request->policy->reservePerEngine), $zero);
        $filled = array_reduce($group, static fn (Volume $sum, array $engine): Volume => $sum->plus($engine[1]->toFill()), $zero);
        $need = $filled->plus($reserve);
        $oil = $group[0][1];
        $plan = $shortage = null;

        try {
            $plan = $this->containers->plan($need, $this->shelfFor($oil, $request));
        } catch (ShelfTooShort $short) {
            $shortage = $short->getMessage();
        }

        return new OilPool($oil->choice->range->grade, $oil->performanceClass, array_column($group, 0), $capacity, $reserve, $need, $plan, $shortage, $this->why($group, $request), $this->trap($capacity));
    }

    /** @return list<Container> */
    private function shelfFor(EngineOil $oil, OrderRequest $request): array
    {
        $grade = $oil->choice->range->grade;
        $same = array_filter(
            $request->supplies->oils,
            static fn (ShelfOil $shelf): bool => $shelf->grade === $grade && $shelf->performanceClass === $oil->performanceClass,
        );

        return array_values(array_map(static fn (ShelfOil $shelf): Container => $shelf->container, $same));
    }

    /** @param non-empty-list<array{Position, EngineOil}> $group */
    private function why(array $group, OrderRequest $request): string
    {
        $terms = array_map(static fn (array $engine): string => \sprintf(
            '%s %s%s',
            lcfirst($engine[0]->label()),
            $engine[1]->capacity->inBothUnits(),
            $engine[1]->staysBehind->millilitresUp() > 0
                ? \sprintf(' less %s that extraction leaves', $engine[1]->staysBehind->inBothUnits())
                : '',
        ), $group);

        return \sprintf('%s; reserve for top-ups %s an engine (shop policy).', ucfirst(implode(' + ', $terms)), $request->policy->reservePerEngine->inBothUnits());
    }

    /** What the same figure in the other unit would do: of litres too little, of quarts too much. */
    private function trap(Volume $capacity): string
    {
        if (\in_array($capacity->unit, [VolumeUnit::UsQuart, VolumeUnit::UsGallon, VolumeUnit::UsFluidOunce], true)) {
            $quarts = $capacity->in(VolumeUnit::UsQuart, 2);

            return \sprintf('%s litres would be %d ml more than %s US quarts.', $quarts, $capacity->millilitresOverAsLitres(), $quarts);
        }
        $litres = $capacity->in(VolumeUnit::Litre, 2);

        return \sprintf('%s US quarts would be %d ml short of %s litres.', $litres, $capacity->millilitresShortAsQuarts(), $litres);
    }
}
