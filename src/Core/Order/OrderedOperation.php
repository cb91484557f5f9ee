<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Footprint;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Procedure\Condition;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Phase;
use FreshTack\Core\Procedure\Setting;
use FreshTack\Core\Procedure\StepEntry;
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

    /**
     * The same at another engine; work on the whole rig stays what it is.
     *
     * @param list<OrderedStep>|null $steps null: its own under other ids
     */
    public function at(Position $position, ?array $steps = null): self
    {
        if (null === $this->position || $position === $this->position) {
            return $this;
        }
        $steps ??= array_map(static fn (OrderedStep $step): OrderedStep => $step->named($position->value.strstr($step->id, '.')), $this->steps);

        return new self($position, $this->operation, $this->task, $this->attended, $this->unattended, $this->attitude, $this->restMin, $steps, $this->openings, $this->chain, $this->rank, $this->time);
    }

    public function isByHand(): bool
    {
        return HandStep::isId($this->operation->id);
    }

    /** The same once more: its steps get ids of their own. */
    public function again(int $time): self
    {
        $again = new self($this->position, $this->operation, $this->task, $this->attended, $this->unattended, $this->attitude, $this->restMin, [], $this->openings, $this->chain, $this->rank, $time);
        $steps = array_map(static fn (OrderedStep $step): OrderedStep => $step->named($again->id().substr($step->id, (int) strrpos($step->id, '.'))), $this->steps);

        return new self($this->position, $this->operation, $this->task, $this->attended, $this->unattended, $this->attitude, $this->restMin, $steps, $this->openings, $this->chain, $this->rank, $time);
    }

    /** A step added by hand: as the engine stands for this, behind the same covers and with the same cautions. */
    public function followedBy(HandStep $step): self
    {
        $own = $this->operation;
        $setting = new Setting(null, null, $own->setting->lockout, null, $own->setting->zone, 1, null);
        $operation = new Operation($step->id, rtrim($step->text, '.'), $own->scope, $own->phase, $step->attended, Minutes::none(), null, null, Condition::always(), $setting, [], [], null, null, [], [], [], [], $own->cautions, 'Added to this order by hand; it is in no procedure.', []);
        $openings = null === $own->opens ? $this->openings : [...$this->openings, $own->opens];
        $ordered = new OrderedStep($step->operation().'.do', $step->text, null, null, null, null, StepEntry::Tick->value, false, null, null, []);

        return new self($this->position, $operation, null, $step->attended, Minutes::none(), $this->attitude, 0, [$ordered], array_values(array_filter($openings, static fn (Opening $opening): bool => $opening !== $own->closes)), '', $this->rank);
    }

    /** What it asks and changes is the same for all operations with this key. */
    public function footprintKey(): string
    {
        return spl_object_id($this->operation).'|'.($this->attitude->value ?? '').'|'.implode(',', array_map(static fn (Opening $opening): string => $opening->value, $this->openings));
    }

    /** @param Footprint|null $known of an operation with the same key */
    public function planned(?Footprint $known = null): PlannedWork
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
            known: $known,
        );
    }

    /** @return list<Gate> what must be so before it, each once; what it brings about itself is not asked for */
    public function gates(): array
    {
        return $this->operation->gates;
    }
}
