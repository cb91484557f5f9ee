<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Quantity\Minutes;

final readonly class OrderedOperation
{
    /**
     * @param Position|null     $position null: the whole rig
     * @param list<OrderedStep> $steps
     */
    public function __construct(public ?Position $position, public Operation $operation, public Minutes $unattended, public array $steps)
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

    /** @return list<Gate> what must be so before it, each once */
    public function gates(): array
    {
        $gates = $met = [];
        foreach ($this->operation->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                $gates[$gate->value] ??= $gate;
            }
            $met[] = $effect->value;
        }
        $within = ['started' => 'not_running', 'rested' => 'rested', 'old_gasket_seen' => 'old_gasket_seen', 'lockout_lifted' => 'not_locked_out', 'locked_out' => 'locked_out'];

        return array_values(array_diff_key($gates, array_flip(array_intersect_key($within, array_flip($met)))));
    }
}
