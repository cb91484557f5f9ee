<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Quantity\Volume;

/** One oil of an order: the engines that take it, and what was pulled for them. */
final readonly class PulledOil
{
    /**
     * @param list<string> $positions
     * @param Volume|null  $pulled null: the shelf was too short for a plan
     */
    public function __construct(public string $grade, public string $performanceClass, public array $positions, public ?Volume $pulled)
    {
    }

    public function name(): string
    {
        return $this->grade.', '.$this->performanceClass;
    }

    public function poured(BenchLog $log): Volume
    {
        return array_reduce($this->positions, static fn (Volume $sum, string $position): Volume => $sum->plus($log->oil($position)->poured), Volume::nothing());
    }
}
