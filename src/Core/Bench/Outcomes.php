<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\Task;

/** What became of an order: how each task ended, and whether each engine is whole. Computed here and nowhere else. */
final readonly class Outcomes
{
    public function __construct(private IssuedOrder $order, private BenchLog $log)
    {
    }

    /** @return list<TaskOutcome> of one engine */
    public function tasks(Position $position): array
    {
        $engine = $this->order->engine($position);

        return null === $engine ? [] : array_map($this->outcome(...), $engine->tasks);
    }

    /**
     * Why an order on which somebody has worked can't be cancelled: what was done has to stand in a record, and what is
     * open is put back first.
     *
     * @return list<string> nothing: it may be
     */
    public function againstCancelling(): array
    {
        $why = [];
        foreach ($this->order->rig->positions as $position) {
            $label = $this->order->engines[$position->value] ?? $position->label();
            foreach ($this->unfit($position) as $each) {
                $why[] = $label.': '.$each;
            }
            foreach ($this->tasks($position) as $outcome) {
                if (\in_array($outcome->outcome, [Outcome::Done, Outcome::Partly], true)) {
                    $why[] = \sprintf('%s: “%s” was done, in whole or in part.', $label, $outcome->task->title);
                }
            }
        }

        return $why;
    }

    /** @return list<string> why an engine is not fit to run; nothing: it is whole */
    public function unfit(Position $position): array
    {
        return [...$this->open($position), ...$this->visit($position)];
    }

    /** @return list<string> what stands open or is not put right at an engine now, in sentences */
    public function open(Position $position): array
    {
        $engine = $this->log->rig()->engine($position);
        $why = [];
        foreach ($engine->state->stillOpen() as $opening) {
            $why[] = \sprintf('The %s is still open.', $opening->label());
        }
        foreach (Gate::atTheEnd() as $gate) {
            if (!$engine->meets($gate)) {
                $why[] = MissingWords::of($gate);
            }
        }

        return $why;
    }

    /** @return list<PartAtEngine> what became of the parts of an engine, in the order in which they were needed */
    public function parts(Position $position): array
    {
        $parts = [];
        foreach ($this->order->parts as $part) {
            foreach ($part->uses as $use) {
                $parts = $position === $use->position ? [...$parts, $this->part($part, $use)] : $parts;
            }
        }

        return $parts;
    }

    private function part(IssuedPart $part, IssuedUse $use): PartAtEngine
    {
        $work = null === $use->work ? null : $this->order->work($use->work->text);
        $isDone = null === $work ? $this->isAllDone($use->position) : $this->isWorked($work);
        $used = $use->isLaidOut && null !== $work ? $this->log->used($work, $part->number) : null;
        $said = $used?->count;

        return match (true) {
            null !== $said => new PartAtEngine($part, $use, $said > 0 ? PartFate::Fitted : PartFate::NotFitted, $said, $used->entry),
            !$isDone => new PartAtEngine($part, $use, PartFate::NotFitted, 0),
            $use->isLaidOut => new PartAtEngine($part, $use, PartFate::Unsaid, null),
            default => new PartAtEngine($part, $use, PartFate::Fitted, $use->count),
        };
    }

    /** Whether an operation was done, all that ends it. */
    private function isWorked(IssuedWork $work): bool
    {
        return [] === array_filter(
            $work->ending,
            fn (BenchStep $step): bool => true !== $this->log->answer($step->id)?->kind->isWork(),
        );
    }

    /** Another engine needs the part first, in an operation that this one does not have: it is on if all of its tasks were done. */
    private function isAllDone(Position $position): bool
    {
        return [] === array_filter($this->tasks($position), static fn (TaskOutcome $each): bool => Outcome::Done !== $each->outcome);
    }

    /** @return list<Task> that were left out at an engine before anything of them was begun */
    public function leftOut(Position $position): array
    {
        $begun = array_filter($this->order->all, fn (IssuedWork $work): bool => $this->log->rig()->hasBegun($work));
        $left = array_filter(
            $this->tasks($position),
            static fn (TaskOutcome $each): bool => \in_array($each->outcome, [Outcome::Dropped, Outcome::NotDone], true)
                && [] === array_filter($begun, static fn (IssuedWork $work): bool => $work->isOf($each->task)),
        );

        return array_values(array_map(static fn (TaskOutcome $each): Task => $each->task->task, $left));
    }

    /** @return list<PartAtEngine> that an operation did not fit by itself: laid out, or not done */
    public function loose(): array
    {
        $all = array_merge(...array_map($this->parts(...), $this->order->rig->positions));

        return array_values(
            array_filter($all, static fn (PartAtEngine $each): bool => $each->use->isLaidOut || PartFate::Fitted !== $each->fate),
        );
    }

    /** @return list<string> what keeps even an engine from leaving that is not fit to run */
    public function unsafe(Position $position): array
    {
        $engine = $this->log->rig()->engine($position);
        $unmet = array_filter(
            [Gate::NotRunning, Gate::WaterShut, Gate::FuelPanShut],
            static fn (Gate $gate): bool => !$engine->meets($gate),
        );

        return array_values(array_map(MissingWords::of(...), $unmet));
    }

    /** @return list<string> what every engine is asked for that leaves, and was said not to be done here */
    private function visit(Position $position): array
    {
        $why = [];
        foreach ($this->order->steps as $step) {
            $answer = $this->log->answer($step->id);
            $isOfVisit = $step->must && null === $this->order->workOf($step)->task;
            if ($position === $step->position && $isOfVisit && true === $answer?->isNotDone() && !$answer->isNeedless()) {
                $why[] = \sprintf('“%s” was not done: %s.', $step->title, $answer->why());
            }
        }

        return $why;
    }

    private function outcome(IssuedTask $task): TaskOutcome
    {
        $asked = $this->asked($task);
        $answers = array_map(fn (BenchStep $step): ?EntryContent => $this->log->answer($step->id), $asked);
        $missing = [];
        foreach ($asked as $place => $step) {
            if (true === $answers[$place]?->isNotDone()) {
                $why = $answers[$place]->why();
                $missing[] = $answers[$place]->isOfTask() ? $why : \sprintf('%s: %s', $step->title, $why);
            }
        }
        $isDropped = [] !== $answers && [] === array_filter(
            $answers,
            static fn (?EntryContent $answer): bool => EntryKind::Dropped !== $answer?->kind,
        );

        return new TaskOutcome($task, match (true) {
            $isDropped => Outcome::Dropped,
            \in_array(null, $answers, true) => Outcome::Open,
            [] === $missing => Outcome::Done,
            \count($missing) === \count($asked) => Outcome::NotDone,
            default => Outcome::Partly,
        }, array_values(array_unique($missing)));
    }

    /**
     * The steps that decide: those that must be done, and those that change something.
     *
     * @return list<BenchStep>
     */
    private function asked(IssuedTask $task): array
    {
        $steps = [];
        foreach ($this->order->all as $work) {
            if ($work->isOf($task)) {
                array_push($steps, ...$work->steps);
            }
        }
        $deciding = array_values(array_filter($steps, static fn (BenchStep $step): bool => $step->must || [] !== $step->effects));

        return [] === $deciding ? $steps : $deciding;
    }
}
