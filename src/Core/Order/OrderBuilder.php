<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Parts\PartsPlanner;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\GateChecker;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\MoveRefusals;
use FreshTack\Core\Plan\RefusedMove;
use FreshTack\Core\Plan\TimedWork;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Plan\WorkPlanner;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Quantity\Minutes;

/**
 * Core's front door: a request in, a whole work order out. The same request gives the same order. Tasks that can't
 * be done stand in the order as blocked, with the reason; the others are worked out in full.
 */
final readonly class OrderBuilder
{
    /** Of the rules by which orders are built; it is kept beside every frozen order. */
    public const VERSION = '0.4.0';

    public function __construct(
        private OilPlanner $oil = new OilPlanner(),
        private LubricantPlanner $lubricants = new LubricantPlanner(),
        private WorkPlanner $planner = new WorkPlanner(),
        private PartsPlanner $parts = new PartsPlanner(),
        private GateChecker $gates = new GateChecker(),
        private MoveRefusals $refusals = new MoveRefusals(),
    ) {
    }

    /**
     * @throws GateBroken if the procedures lead to a sequence that a gate forbids: the book is at fault, not the request
     * @throws CannotPlan if no plan can do what the procedures ask; likewise
     */
    public function build(OrderRequest $request, Effort $effort = Effort::Quick): WorkOrder
    {
        $engines = $this->engines($request);
        [$plan, $timeline, $refused] = $this->planned($engines, $request, $effort);
        $operations = array_map($plan->operation(...), $timeline->entries);
        $byPosition = array_column(array_map(static fn (EngineOrder $engine): array => [$engine->position->value, $engine], $engines), 1, 0);

        return new WorkOrder(
            $request,
            $engines,
            $operations,
            $this->oil->plan($engines, $request),
            $this->lubricants->plan($operations, $byPosition, $request),
            $this->parts->plan(
                PartsList::demands($operations, $byPosition),
                $request->supplies->parts,
                $request->wishes->kits,
                $request->policy->schools->is(Question::Parts, 'approved_others'),
            ),
            (new ToolList($request))->of($operations, $byPosition),
            $this->cautions($operations, $request),
            $this->labour($timeline, $request),
            $timeline,
            [...$this->refusals->of($plan->works), ...$refused],
            $request->wishes->byHand->lost($operations),
        );
    }

    /**
     * A move by hand that leads to a plan which a gate forbids is left out and refused by the name of the gate.
     *
     * @param list<EngineOrder> $engines
     *
     * @return array{RigPlan, Timeline, list<RefusedMove>}
     *
     * @throws GateBroken|CannotPlan
     */
    private function planned(array $engines, OrderRequest $request, Effort $effort): array
    {
        $moves = $request->wishes->byHand->all;
        $refused = [];
        while (true) {
            $plan = RigPlan::of($engines, $request->visit->sharedLockout, $moves);
            $last = array_values(array_filter(
                $plan->works->kept,
                static fn (HandMove $move): bool => \in_array($move, $request->wishes->byHand->moves, true),
            ));
            $last = $last[\count($last) - 1] ?? null;
            try {
                return [$plan, $this->timeline($plan, $request, $effort), $refused];
            } catch (GateBroken|CannotPlan $error) {
                null !== $last || throw $error;
                $refused[] = new RefusedMove($last, $error instanceof GateBroken ? $error->gate : null, $error->getMessage());
                $moves = array_values(array_filter($moves, static fn (HandMove $move): bool => $move !== $last));
            }
        }
    }

    private function labour(Timeline $timeline, OrderRequest $request): LabourSum
    {
        $sum = static fn (\Closure $minutes): Minutes => Minutes::count(array_sum(array_map($minutes, $timeline->entries)));

        return new LabourSum(
            Minutes::count($timeline->handsOnMin()),
            $sum(static fn (TimelineEntry $entry): int => $entry->work->hands->handsOnMin * ($entry->work->hands->people - 1)),
            Minutes::count($timeline->presenceMin()),
            $sum(static fn (TimelineEntry $entry): int => $entry->work->hands->unattendedMin),
            $request->wishes->allowance ?? Allowance::none(),
            $request->policy->schools->is(Question::SecondPerson, 'sold'),
            $request->policy->schools->is(Question::SoldTime, 'up'),
        );
    }

    /** @return list<EngineOrder> from port to starboard */
    private function engines(OrderRequest $request): array
    {
        $compiler = new EngineCompiler($request, new FactsMaker($request));
        $requested = $request->engines;
        usort($requested, static fn (EngineRequest $a, EngineRequest $b): int => $a->position->rank() <=> $b->position->rank());

        return array_map($compiler->compile(...), $requested);
    }

    /** @throws GateBroken|CannotPlan */
    private function timeline(RigPlan $plan, OrderRequest $request, Effort $effort): Timeline
    {
        $timeline = $this->planner->plan($plan->works, $request->wishes->technicians, $request->policy->changeMin, $effort);
        $this->gates->checkTimed(
            $plan->works->rig,
            array_map(static fn (TimelineEntry $entry): TimedWork => $entry->timed, $timeline->entries),
        );

        return $timeline;
    }

    /**
     * @param list<OrderedOperation> $operations
     *
     * @return list<Caution> in the order of the trade's list; the last word is always the manual's
     */
    private function cautions(array $operations, OrderRequest $request): array
    {
        $called = array_merge(
            [Caution::Manual],
            Place::Afloat === $request->visit->place ? [Caution::OverWater] : [],
            ...array_map(static fn (OrderedOperation $operation): array => $operation->operation->doing->outfit->cautions, $operations),
        );

        return array_values(array_filter(Caution::cases(), static fn (Caution $caution): bool => \in_array($caution, $called, true)));
    }
}
