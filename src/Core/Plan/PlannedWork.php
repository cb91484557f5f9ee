<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One operation as a plan sees it: at which engine, how long, what it needs and what it changes. */
final readonly class PlannedWork
{
    /** What it asks of its engine and changes on it. */
    public Footprint $footprint;

    /**
     * @param string|null   $position    null: the whole rig
     * @param list<Effect>  $effects     in the order in which they happen
     * @param list<Opening> $openings    what must be open for it
     * @param Attitude|null $attitude    how the engine must hang; null: any way
     * @param bool          $cold        only on an engine that has not run in this order
     * @param bool          $warm        straight after the run that warms the engine, if there is one
     * @param int           $attendedMin minutes, hands on
     * @param int           $unattendedMin minutes after them
     * @param int           $people      pairs of hands
     * @param int           $restMin     minutes that must have gone by since the last run, pour or change of attitude
     * @param string        $chain       works of one chain follow each other on their engine; empty: of none
     * @param int           $rank        the lower, the earlier, where nothing else decides
     * @param Frame         $frame       of work on the rig: before, between or after the engines
     * @param bool          $movable     it may be done before, between or after the runs, as it fills the waits best
     * @param bool          $afterRun    it waits for the run that proves the work, if there is one
     * @param list<Opening> $shut        what must be closed for it
     * @param list<Gate>    $only        what must be so for it by the book, beside what its effects ask for
     * @param int           $time        which time it is done in this plan, from 1
     * @param Footprint|null $known      of the same work at another engine; null: it is worked out
     */
    public function __construct(
        public string $id,
        public ?string $position,
        public string $title,
        public array $effects = [],
        public ?Opening $opens = null,
        public ?Opening $closes = null,
        public array $openings = [],
        public ?Attitude $attitude = null,
        public Lockout $lockout = Lockout::Any,
        public bool $cold = false,
        public bool $warm = false,
        public int $attendedMin = 0,
        public int $unattendedMin = 0,
        public int $people = 1,
        public Zone $zone = Zone::Powerhead,
        public int $restMin = 0,
        public string $chain = '',
        public int $rank = 0,
        public int $time = 1,
        public Frame $frame = Frame::Between,
        public bool $movable = false,
        public bool $afterRun = false,
        public array $shut = [],
        public array $only = [],
        ?Footprint $known = null,
    ) {
        $this->footprint = $known ?? Footprint::of($this);
    }

    /** Work on the rig that comes before all that is done at the engines. */
    public function isFirst(): bool
    {
        return null === $this->position && Frame::First === $this->frame;
    }

    /** Work on the rig that comes after all that is done at the engines. */
    public function isLast(): bool
    {
        return null === $this->position && Frame::Last === $this->frame;
    }

    public function has(Effect $effect): bool
    {
        return \in_array($effect, $this->effects, true);
    }

    /** The attitude that it brings the engine into. */
    public function turnsTo(): ?Attitude
    {
        foreach ($this->effects as $effect) {
            if (null !== $effect->attitude()) {
                return $effect->attitude();
            }
        }

        return null;
    }

    /** The id of this time: the first is called like the work itself. */
    public function idOfTime(): string
    {
        return $this->time > 1 ? $this->id.'-'.$this->time : $this->id;
    }

    public function again(int $time): self
    {
        return new self($this->id, $this->position, $this->title, $this->effects, $this->opens, $this->closes, $this->openings, $this->attitude, $this->lockout, $this->cold, $this->warm, $this->attendedMin, $this->unattendedMin, $this->people, $this->zone, $this->restMin, $this->chain, $this->rank, $time, $this->frame, $this->movable, $this->afterRun, $this->shut, $this->only, $this->footprint);
    }
}
