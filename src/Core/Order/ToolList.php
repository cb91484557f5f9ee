<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Procedure\ToolNeed;

/** What lies ready: each tool once, with its size, the engines it serves, and what it is for. */
final readonly class ToolList
{
    /**
     * @param list<OrderedOperation>     $operations in their sequence
     * @param array<string, EngineOrder> $engines    by position
     *
     * @return list<ToolLine>
     */
    public static function of(array $operations, array $engines): array
    {
        $lines = [];
        $all = array_values(array_map(static fn (EngineOrder $engine): Position => $engine->position, $engines));
        foreach ($operations as $operation) {
            foreach (self::tools($operation, $engines[$operation->position->value ?? ''] ?? null) as [$name, $size]) {
                $known = $lines[$name.'|'.$size] ?? new ToolLine($name, $size, [], []);
                $positions = null === $operation->position ? $all : [$operation->position];
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
    private static function tools(OrderedOperation $operation, ?EngineOrder $engine): array
    {
        $tools = array_map(static fn (ToolNeed $tool): array => [$tool->name, null === $tool->size ? null : $engine?->facts->figure($tool->size)?->text], $operation->operation->tools);
        $torques = array_filter($operation->steps, static fn (OrderedStep $step): bool => null !== $step->tightening?->torque());

        return [...$tools, ...array_map(static fn (OrderedStep $step): array => ['Torque wrench that reaches', $step->tightening?->torque()?->figure()], array_values($torques))];
    }
}
