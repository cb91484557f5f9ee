<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\StandIn;
use FreshTack\Core\Fastening\WrenchChooser;
use FreshTack\Core\Procedure\ToolNeed;
use FreshTack\Core\Quantity\Length;

/** What lies ready: each tool once, with its size, the engines it serves, and what it is for; in the order of use. */
final readonly class ToolList
{
    private WrenchChooser $wrenches;

    public function __construct(private OrderRequest $request)
    {
        $this->wrenches = new WrenchChooser($request->wrenches);
    }

    /**
     * @param list<OrderedOperation>     $operations in their sequence
     * @param array<string, EngineOrder> $engines    by position
     *
     * @return list<ToolLine>
     */
    public function of(array $operations, array $engines): array
    {
        $lines = [];
        $all = array_values(array_map(static fn (EngineOrder $engine): Position => $engine->position, $engines));
        foreach ($operations as $operation) {
            $positions = null === $operation->position ? $all : [$operation->position];
            foreach ($this->needed($operation, $engines[$operation->position->value ?? ''] ?? null) as $line) {
                $key = $line->name.'|'.$line->size;
                $known = $lines[$key] ?? $line;
                $lines[$key] = new ToolLine(
                    $line->name,
                    $line->size,
                    array_values(array_unique([...$known->positions, ...$positions], \SORT_REGULAR)),
                    array_values(array_unique([...$known->uses, $operation->operation->title])),
                    $known->standIn,
                    $known->wrench,
                    '' === $known->firstUse ? $operation->id() : $known->firstUse,
                );
            }
        }

        return array_values($lines);
    }

    /** @return list<ToolLine> with a torque wrench for every torque that is asked for */
    private function needed(OrderedOperation $operation, ?EngineOrder $engine): array
    {
        $lines = array_map(static fn (ToolNeed $tool): ToolLine => self::tool($tool, $engine), $operation->operation->tools);
        foreach ($operation->steps as $step) {
            $torque = $step->tightening?->torque();
            if (null !== $torque) {
                $lines[] = new ToolLine('Torque wrench that reaches', $torque->figure(), [], [], null, [] === $this->request->wrenches ? null : $this->wrenches->choose($torque, $this->request->day));
            }
        }

        return $lines;
    }

    private static function tool(ToolNeed $tool, ?EngineOrder $engine): ToolLine
    {
        $head = $tool->hexagon && null !== $tool->size ? $engine?->facts->value($tool->size)?->content : null;

        return new ToolLine($tool->name, null === $tool->size ? null : $engine?->facts->figure($tool->size)?->text, [], [], $head instanceof Length ? StandIn::for($head) : null);
    }
}
