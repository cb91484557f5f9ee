<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\EngineState;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Quantity\Minutes;

final readonly class OrderedOperation
{
    /**
     * @param Position|null     $position null: the whole rig
     * @param Minutes           $attended hands-on: the sheet's figure for these engines where it has one
     * @param list<OrderedStep> $steps
     */
    public function __construct(public ?Position $position, public Operation $operation, public Minutes $attended, public Minutes $unattended, public array $steps)
    {
    }

    public function id(): string
    {
        return ($this->position->value ?? 'rig').'.'.$this->operation->id;
    }

    public function planned(): PlannedWork
    {
        return new PlannedWork($this->position?->value, $this->operation->title, $this->operation->effects);
    }

    /** @return list<Gate> what must be so before it, each once; what it brings about itself is not asked for */
    public function gates(): array
    {
        $gates = [];
        $state = EngineState::unknown();
        foreach ($this->operation->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                if (!$state->meets($gate)) {
                    $gates[$gate->value] = $gate;
                }
            }
            $state = $state->after($effect);
        }

        return array_values($gates);
    }
}
