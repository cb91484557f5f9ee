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
     * The same tool for all the work that needs it. A vessel takes from each engine what it took from the one that it
     * was worked out for; what one engine needs it for twice need not make it larger.
     *
     * @param non-empty-list<array{self, OrderedOperation, list<Position>}> $needs each with the engines that it serves
     */
    public static function of(array $needs): self
    {
        [$line, $first] = $needs[0];
        $positions = $uses = $holds = [];
        foreach ($needs as [$each, $operation, $served]) {
            $uses[$operation->operation->title] = true;
            foreach ($served as $position) {
                $positions[$position->value] = $position;
                foreach ($each->holds as $volume) {
                    $held = $holds[$position->label()] ?? null;
                    $holds[$position->label()] = null !== $held && $held->isAtLeast($volume) ? $held : $volume;
                }
            }
        }
        $sum = \count($holds) > 1 ? array_reduce(
            $holds,
            static fn (Volume $sum, Volume $volume): Volume => $sum->plus($volume),
            Volume::nothing(),
        ) : null;

        return new self(
            $line->name,
            null === $sum ? $line->size : $sum->inBothUnits().' in all',
            array_values($positions),
            array_map(strval(...), array_keys($uses)),
            $line->standIn,
            $line->wrench,
            $first->id(),
            $line->head,
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
