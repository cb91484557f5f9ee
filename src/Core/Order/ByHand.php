<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\HandMove;

/** What somebody changed of the computed order: works moved before others, and steps added. */
final readonly class ByHand
{
    /** @var list<HandMove> each added step behind what it follows, and what was moved */
    public array $all;

    /**
     * @param list<HandMove> $moves
     * @param list<HandStep> $steps
     */
    public function __construct(public array $moves = [], public array $steps = [])
    {
        $this->all = [...array_map(static fn (HandStep $step): HandMove => $step->move(), $steps), ...$moves];
    }

    /**
     * @param list<OrderedOperation> $operations of one engine
     *
     * @return list<OrderedOperation> with the added steps behind those that they follow
     */
    public function into(array $operations): array
    {
        foreach ($this->steps as $step) {
            $places = array_keys(
                array_map(static fn (OrderedOperation $operation): string => $operation->id(), $operations),
                $step->after->text,
                true,
            );
            if ([] !== $places) {
                array_splice($operations, $places[0] + 1, 0, [$operations[$places[0]]->followedBy($step)]);
            }
        }

        return $operations;
    }

    /**
     * @param list<OrderedOperation> $operations of the whole order
     *
     * @return list<HandStep> those whose operation is not part of it
     */
    public function lost(array $operations): array
    {
        $known = array_fill_keys(array_map(static fn (OrderedOperation $operation): string => $operation->id(), $operations), true);

        return array_values(array_filter($this->steps, static fn (HandStep $step): bool => !isset($known[$step->operation()->text])));
    }
}
