<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Phase;
use FreshTack\Core\Procedure\Thermal;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Task;

final readonly class OrderedOperation
{
    /**
     * @param Position|null     $position null: the whole rig
     * @param Task|null         $task     null: it belongs to every visit
     * @param Minutes           $attended hands-on: the sheet's figure for these engines where it has one
     * @param Attitude|null     $attitude how the engine must hang; null: any way
     * @param int               $restMin  minutes of rest that must be over before it
     * @param list<OrderedStep> $steps
     * @param list<Opening>     $openings what this engine has of what must be open
     * @param int               $time     which time it is done in this order, from 1
     */
    public function __construct(
        public ?Position $position,
        public Operation $operation,
        public ?Task $task,
        public Minutes $attended,
        public Minutes $unattended,
        public ?Attitude $attitude,
        public int $restMin,
        public array $steps,
        private array $openings,
        private string $chain,
        private int $rank,
        public int $time = 1,
    ) {
    }

    public function id(): string
    {
        return ($this->position->value ?? 'rig').'.'.$this->operation->id.($this->time > 1 ? '-'.$this->time : '');
    }

    /** The same once more: its steps get ids of their own. */
    public function again(int $time): self
    {
        $again = new self($this->position, $this->operation, $this->task, $this->attended, $this->unattended, $this->attitude, $this->restMin, [], $this->openings, $this->chain, $this->rank, $time);
        $steps = array_map(static fn (OrderedStep $step): OrderedStep => $step->named($again->id().substr($step->id, (int) strrpos($step->id, '.'))), $this->steps);

        return new self($this->position, $this->operation, $this->task, $this->attended, $this->unattended, $this->attitude, $this->restMin, $steps, $this->openings, $this->chain, $this->rank, $time);
    }

    public function planned(): PlannedWork
    {
        $setting = $this->operation->setting;

        return new PlannedWork(
            ($this->position->value ?? 'rig').'.'.$this->operation->id,
            $this->position?->value,
            $this->operation->title,
            $this->operation->effects,
            $this->operation->opens,
            $this->operation->closes,
            $this->openings,
            $this->attitude,
            $setting->lockout,
            Thermal::Cold === $setting->thermal,
            Thermal::Warm === $setting->thermal,
            $this->attended->count,
            $this->unattended->count,
            $setting->people,
            $setting->zone,
            $this->restMin,
            $this->chain,
            $this->rank,
            frame: $this->operation->phase->frame(),
            movable: $this->operation->phase->isMovable() && !\in_array($this->operation->closes, [Opening::Panel, Opening::PlugCover], true),
            afterRun: $this->operation->phase->rank() >= Phase::Reading->rank(),
            shut: $this->operation->shut,
            only: $this->operation->only,
        );
    }

    /** @return list<Gate> what must be so before it, each once; what it brings about itself is not asked for */
    public function gates(): array
    {
        return $this->operation->gates;
    }
}
