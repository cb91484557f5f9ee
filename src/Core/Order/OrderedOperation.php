<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Hands;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Needs;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Standing;
use FreshTack\Core\Plan\StepId;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Procedure\AttitudeNeed;
use FreshTack\Core\Procedure\Called;
use FreshTack\Core\Procedure\Calling;
use FreshTack\Core\Procedure\Condition;
use FreshTack\Core\Procedure\Covers;
use FreshTack\Core\Procedure\Doing;
use FreshTack\Core\Procedure\Heading;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\OperationTimes;
use FreshTack\Core\Procedure\Outfit;
use FreshTack\Core\Procedure\Setting;
use FreshTack\Core\Procedure\StepEntry;
use FreshTack\Core\SpecBook\Task;

/** An operation of the book at one engine, or on the whole rig: its work for the plan, and its steps for the bench. */
final readonly class OrderedOperation
{
    public ?Position $position;

    /**
     * @param Task|null         $task null: it belongs to every visit
     * @param list<OrderedStep> $steps
     */
    public function __construct(
        public PlannedWork $work,
        public Operation $operation,
        public ?Task $task,
        public Called $called,
        public array $steps,
    ) {
        $this->position = $work->position;
    }

    public function id(): string
    {
        return $this->work->id->text;
    }

    /**
     * The same at another engine; work on the whole rig stays what it is.
     *
     * @param list<OrderedStep>|null $steps null: its own under other ids
     */
    public function at(Position $position, ?array $steps = null): self
    {
        return null === $this->position || $position === $this->position ? $this : $this->named($this->work->id->at($position), $steps);
    }

    /**
     * Work on the whole rig asks at every engine for what is measured or seen, each by its own sheet.
     *
     * @param array<string, self> $each the same work as each engine asks for it, by position
     */
    public function askedAtEach(array $each): self
    {
        return \count($each) < 2 ? $this : new self($this->work, $this->operation, $this->task, $this->called, array_map(
            static fn (OrderedStep $step): OrderedStep => $step->asking($each),
            $this->steps,
        ));
    }

    public function isByHand(): bool
    {
        return HandStep::isId($this->operation->id);
    }

    /** The same once more: its steps get ids of their own. */
    public function again(int $time): self
    {
        return $this->named($this->work->id->again($time));
    }

    /** A step added by hand: as the engine stands for this, behind the same covers and with the same cautions. */
    public function followedBy(HandStep $step): self
    {
        $own = $this->operation;
        $opens = '' === $own->setting->together ? $own->covers->opens : null;
        $lockout = Lockout::Free === $own->setting->lockout ? Lockout::Locked : $own->setting->lockout;
        $open = array_filter(
            [...$this->work->needs->open, $opens],
            static fn (?Opening $opening): bool => null !== $opening && $opening !== $own->covers->closes,
        );
        $operation = new Operation(
            new Heading($step->id, rtrim($step->text, '.'), 'Added to this order by hand; it is in no procedure.'),
            new Calling($own->calling->scope, $own->calling->phase, Condition::always()),
            new Setting(AttitudeNeed::unsaid(), $lockout, null, $own->setting->zone),
            new Covers([], [], null, null, []),
            new Doing(OperationTimes::handsOn($step->attended), new Outfit([], [], $own->doing->outfit->cautions), []),
        );
        $work = new PlannedWork(
            $step->operation(),
            $operation->title,
            new Needs(array_values($open), [], [], $this->work->changes->turnsTo ?? $this->work->needs->attitude, $lockout),
            hands: new Hands($step->attended->count, zone: $own->setting->zone),
            standing: new Standing('', $this->work->standing->rank, $this->work->standing->frame, $this->work->standing->afterRun),
        );

        return new self($work, $operation, null, Called::nothing(), [new OrderedStep(
            new StepId($step->operation(), 'do'),
            new FilledWords($step->text),
            new FilledFigures(),
            new StepDone(StepEntry::Tick->value),
        )]);
    }

    /** @param list<OrderedStep>|null $steps null: its own under other ids */
    private function named(WorkId $id, ?array $steps = null): self
    {
        $steps ??= array_map(static fn (OrderedStep $step): OrderedStep => $step->named($step->id->of($id)), $this->steps);

        return new self($this->work->named($id), $this->operation, $this->task, $this->called, $steps);
    }
}
