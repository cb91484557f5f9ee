<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Parts\PartsPlan;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Procedure\Caution;

/** A whole work order: what is done, in which order, with which figures, parts, oil and tools, and why. */
final readonly class WorkOrder
{
    /**
     * @param list<EngineOrder>      $engines
     * @param list<OrderedOperation> $operations in the rig's sequence
     * @param list<OilPool>          $oil
     * @param list<ToolLine>         $tools
     * @param list<Caution>          $cautions
     */
    public function __construct(
        public OrderRequest $request,
        public array $engines,
        public array $operations,
        public array $oil,
        public PartsPlan $parts,
        public array $tools,
        public array $cautions,
        public LabourSum $labour,
        public Timeline $timeline,
    ) {
    }

    public function hasWork(): bool
    {
        return [] !== array_filter($this->engines, static fn (EngineOrder $engine): bool => [] !== $engine->tasks);
    }

    /** @return list<BlockedTask> */
    public function blocked(): array
    {
        return array_merge(...array_map(static fn (EngineOrder $engine): array => $engine->blocked, $this->engines));
    }
}
