<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Parts\PartsPlan;
use FreshTack\Core\Plan\RefusedMove;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Quantity\Minutes;

/** A whole work order: what is done, in which order, with which figures, parts, oil and tools, and why. */
final readonly class WorkOrder
{
    /**
     * @param list<EngineOrder>      $engines
     * @param list<OrderedOperation> $operations in the rig's sequence
     * @param list<OilPool>          $oil
     * @param list<LubricantPool>    $lubricants beside the engine oil
     * @param list<ToolLine>         $tools
     * @param list<Caution>          $cautions
     * @param list<RefusedMove>      $refused    moves by hand that a gate or the procedure refuses; they change nothing
     * @param list<HandStep>         $lost       added steps whose operation is not part of it; they are left out
     */
    public function __construct(
        public OrderRequest $request,
        public array $engines,
        public array $operations,
        public array $oil,
        public array $lubricants,
        public PartsPlan $parts,
        public array $tools,
        public array $cautions,
        public LabourSum $labour,
        public Timeline $timeline,
        public array $refused = [],
        public array $lost = [],
    ) {
    }

    public function hasWork(): bool
    {
        return [] !== array_filter($this->engines, static fn (EngineOrder $engine): bool => [] !== $engine->tasks);
    }

    /** Hands-on minutes of what was added by hand. */
    public function byHand(): Minutes
    {
        return array_reduce(
            $this->request->wishes->byHand->steps,
            fn (Minutes $sum, HandStep $step): Minutes => \in_array($step, $this->lost, true) ? $sum : $sum->plus($step->attended),
            Minutes::none(),
        );
    }

    /** @return list<BlockedTask> */
    public function blocked(): array
    {
        return array_merge(...array_map(static fn (EngineOrder $engine): array => $engine->blocked, $this->engines));
    }
}
