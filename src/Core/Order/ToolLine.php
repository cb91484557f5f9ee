<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\WrenchChoice;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\Volume;

final readonly class ToolLine
{
    /**
     * @param list<Position>        $positions
     * @param list<string>          $uses      titles of the operations that need it
     * @param string|null           $standIn   a size that may turn it, never for the final torque
     * @param WrenchChoice|null     $wrench    for a torque: which wrench of the shop
     * @param string                $firstUse  id of the operation that needs it first
     * @param Length|null           $head      of a hexagon that it turns
     * @param array<string, Volume> $holds     of a vessel: what it takes from each engine
     */
    public function __construct(
        public string $name,
        public ?string $size,
        public array $positions = [],
        public array $uses = [],
        public ?string $standIn = null,
        public ?WrenchChoice $wrench = null,
        public string $firstUse = '',
        public ?Length $head = null,
        public array $holds = [],
    ) {
    }

    /**
     * A vessel takes from each of these what it took from the engine that it was worked out for.
     *
     * @param list<Position> $positions
     */
    public function neededBy(OrderedOperation $operation, array $positions): self
    {
        $holds = [];
        foreach ($this->holds as $volume) {
            $holds += array_fill_keys(array_map(static fn (Position $position): string => $position->label(), $positions), $volume);
        }

        return new self(
            $this->name,
            $this->size,
            $positions,
            [$operation->operation->title],
            $this->standIn,
            $this->wrench,
            $operation->id(),
            $this->head,
            $holds,
        );
    }

    /** The same tool for more work. A vessel that one engine needs twice need not be larger for that. */
    public function with(self $other): self
    {
        $holds = $this->holds;
        foreach ($other->holds as $engine => $volume) {
            $holds[$engine] = isset($holds[$engine]) && $holds[$engine]->isAtLeast($volume) ? $holds[$engine] : $volume;
        }
        $isNewAt = fn (Position $position): bool => !\in_array($position, $this->positions, true);
        $sum = array_reduce($holds, static fn (Volume $sum, Volume $volume): Volume => $sum->plus($volume), Volume::nothing());

        return new self(
            $this->name,
            [] !== $other->holds && \count($holds) > 1 ? $sum->inBothUnits().' in all' : $this->size,
            [...$this->positions, ...array_values(array_filter($other->positions, $isNewAt))],
            [...$this->uses, ...array_values(array_diff($other->uses, $this->uses))],
            $this->standIn,
            $this->wrench,
            $this->firstUse,
            $this->head,
            $holds,
        );
    }

    public function servedBy(self $other): self
    {
        return new self($this->name, $this->size, $this->positions, $this->uses, $other->size.' (on this list)', $this->wrench, $this->firstUse, $this->head, $this->holds);
    }

    /** What it is for, and of a vessel what each engine gives. */
    public function why(): string
    {
        $shares = array_map(static fn (string $engine, Volume $volume): string => $engine.' '.$volume->inBothUnits(), array_keys($this->holds), $this->holds);

        return 'For: '.lcfirst(implode('; ', $this->uses)).'.'.([] === $shares ? '' : ' '.implode(', ', $shares).'.');
    }
}
