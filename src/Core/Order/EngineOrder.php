<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\LevelAdvice;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\SpecBook\SheetHead;

/** What an order says of one engine. */
final readonly class EngineOrder
{
    /**
     * @param list<PickedTask>       $tasks      those that can be issued
     * @param list<BlockedTask>      $blocked
     * @param list<OrderedOperation> $operations not yet in the rig's sequence
     * @param list<OrderedOperation> $modes      lockouts and changes of attitude, put in where they are needed
     */
    public function __construct(
        public Position $position,
        public EngineRequest $request,
        public SheetHead $sheet,
        public array $tasks,
        public array $blocked,
        public ?EngineOil $oil,
        public ?Level $level,
        public ?LevelAdvice $arrivalAdvice,
        public array $operations,
        public array $modes,
        public EngineFacts $facts,
    ) {
    }
}
