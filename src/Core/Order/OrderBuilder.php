<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\GateChecker;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Procedure\PartUse;
use FreshTack\Core\Procedure\ToolNeed;
use FreshTack\Core\SpecBook\PartNeed;

/**
 * Core's front door: a request in, a whole work order out. The same request gives the same order. Tasks that can't
 * be done stand in the order as blocked, with the reason; the others are worked out in full.
 */
final readonly class OrderBuilder
{
    /** Of the rules by which orders are built; it is kept beside every frozen order. */
    public const VERSION = '0.1.0';

    public function __construct(private OilPlanner $oil = new OilPlanner(), private GateChecker $gates = new GateChecker())
    {
    }

    /** @throws GateBroken if the procedures lead to a sequence that a gate forbids: the book is at fault, not the request */
    public function build(OrderRequest $request): WorkOrder
    {
        $compiler = new EngineCompiler($request, new FactsMaker($request));
        $requested = $request->engines;
        usort($requested, static fn (EngineRequest $a, EngineRequest $b): int => $a->position->rank() <=> $b->position->rank());
        $engines = array_map($compiler->compile(...), $requested);
        $operations = $this->sequence($engines);
        $this->checkGates($engines, $operations);

        return new WorkOrder(
            $request,
            $engines,
            $operations,
            $this->oil->plan($engines, $request),
            $this->parts($operations, $engines, $request),
            $this->tools($operations, $engines),
            $this->cautions($operations, $request),
            LabourSum::of(array_map(static fn (OrderedOperation $operation): array => [$operation->attended, $operation->unattended], $operations)),
        );
    }

    /**
     * Station by station, and at each from port to starboard; what belongs to the rig is done once.
     *
     * @param list<EngineOrder> $engines
     *
     * @return list<OrderedOperation>
     */
    private function sequence(array $engines): array
    {
        $ranked = [];
        foreach ($engines as $place => $engine) {
            foreach ($engine->operations as $index => $operation) {
                $ranked[$operation->id()] ??= [[$operation->operation->phase->rank(), null === $operation->position ? -1 : $place, $index], $operation];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ranked, 1);
    }

    /**
     * @param list<EngineOrder>      $engines
     * @param list<OrderedOperation> $operations
     *
     * @throws GateBroken
     */
    private function checkGates(array $engines, array $operations): void
    {
        $working = array_filter($engines, static fn (EngineOrder $engine): bool => [] !== $engine->operations);
        $this->gates->check(
            array_values(array_map(static fn (EngineOrder $engine): string => $engine->position->value, $working)),
            array_map(static fn (OrderedOperation $operation): PlannedWork => $operation->planned(), $operations),
        );
    }

    /**
     * @param list<OrderedOperation> $operations
     * @param list<EngineOrder>      $engines
     *
     * @return list<PartLine>
     */
    private function parts(array $operations, array $engines, OrderRequest $request): array
    {
        $byPosition = $this->byPosition($engines);
        $lines = [];
        foreach ($operations as $operation) {
            $engine = $byPosition[$operation->position->value ?? ''] ?? null;
            foreach ($operation->operation->parts as $use) {
                if (null === $engine) {
                    continue;
                }
                $line = $this->partLine($use, $operation, $engine, $request);
                $lines[$line->number] = isset($lines[$line->number]) ? $lines[$line->number]->with($line) : $line;
            }
        }

        return array_values($lines);
    }

    private function partLine(PartUse $use, OrderedOperation $operation, EngineOrder $engine, OrderRequest $request): PartLine
    {
        $value = $engine->facts->value($use->field);
        $need = $value?->content;
        $number = $need instanceof PartNeed ? $need->number : $use->field;
        $count = $need instanceof PartNeed ? $need->count : 1;
        $why = \sprintf('%s%s. %s, %s.', $operation->operation->title, $use->singleUse ? ' (single use: always new)' : '', $engine->sheet->name(), $value?->source->text() ?? '');

        return new PartLine($number, $count, [$engine->position], $use->singleUse, $why, $request->parts->find($number));
    }

    /**
     * @param list<OrderedOperation> $operations
     * @param list<EngineOrder>      $engines
     *
     * @return list<ToolLine>
     */
    private function tools(array $operations, array $engines): array
    {
        $byPosition = $this->byPosition($engines);
        $lines = [];
        foreach ($operations as $operation) {
            $engine = $byPosition[$operation->position->value ?? ''] ?? null;
            foreach ($this->toolsOf($operation, $engine) as [$name, $size]) {
                $known = $lines[$name.'|'.$size] ?? new ToolLine($name, $size, [], []);
                $positions = null === $operation->position ? array_map(static fn (EngineOrder $each): Position => $each->position, $engines) : [$operation->position];
                $lines[$name.'|'.$size] = new ToolLine(
                    $name,
                    $size,
                    array_values(array_unique([...$known->positions, ...$positions], \SORT_REGULAR)),
                    array_values(array_unique([...$known->uses, $operation->operation->title])),
                );
            }
        }

        return array_values($lines);
    }

    /** @return list<array{string, string|null}> name and size; a torque wrench for every torque that is asked for */
    private function toolsOf(OrderedOperation $operation, ?EngineOrder $engine): array
    {
        $tools = array_map(static fn (ToolNeed $tool): array => [$tool->name, null === $tool->size ? null : $engine?->facts->figure($tool->size)?->text], $operation->operation->tools);
        $torques = array_filter($operation->steps, static fn (OrderedStep $step): bool => null !== $step->tightening?->torque());

        return [...$tools, ...array_map(static fn (OrderedStep $step): array => ['Torque wrench that reaches', $step->tightening?->torque()?->figure()], array_values($torques))];
    }

    /**
     * @param list<EngineOrder> $engines
     *
     * @return array<string, EngineOrder>
     */
    private function byPosition(array $engines): array
    {
        return array_column(array_map(static fn (EngineOrder $engine): array => [$engine->position->value, $engine], $engines), 1, 0);
    }

    /**
     * @param list<OrderedOperation> $operations
     *
     * @return list<Caution> in the order of the trade's list; the last word is always the manual's
     */
    private function cautions(array $operations, OrderRequest $request): array
    {
        $called = array_merge([Caution::Manual], Place::Afloat === $request->place ? [Caution::OverWater] : [], ...array_map(static fn (OrderedOperation $operation): array => $operation->operation->cautions, $operations));

        return array_values(array_filter(Caution::cases(), static fn (Caution $caution): bool => \in_array($caution, $called, true)));
    }
}
