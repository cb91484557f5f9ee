<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Gate;

/**
 * A whole task is left out. What is open because of it is closed first, so its steps up to there stay; all others are
 * settled, and with them what nothing needs any more.
 */
final readonly class LeftOut
{
    public function __construct(private IssuedOrder $order, private RigAtBench $rig)
    {
    }

    /**
     * @param array<string, EntryContent> $answers by step
     *
     * @return array<string, EntryContent> with those that the entry settles
     */
    public function answers(array $answers, Entry $entry, BenchStep $step): array
    {
        $own = $this->order->workOf($step);
        $kept = $this->kept($own);
        if (EntryKind::NotDone === $entry->content->kind || !\in_array($own, $kept, true)) {
            $answers = [...$answers, $step->id => $entry->content];
        }
        foreach ($this->works($own) as $work) {
            foreach (\in_array($work, $kept, true) ? [] : $work->steps as $each) {
                $answers[$each->id] ??= $entry->content;
            }
        }

        return $this->withNeedless($answers, $entry->told->needless, $step);
    }

    /** @return list<IssuedWork> of the same task at the same engine */
    public function works(IssuedWork $own): array
    {
        return array_values(array_filter($this->order->all, static fn (IssuedWork $work): bool => $work->isOfTaskOf($own)));
    }

    /** @return list<IssuedWork> of these, up to the last that makes the engine whole again, or puts right what these undo */
    private function kept(IssuedWork $own): array
    {
        $works = $this->works($own);
        $closing = array_keys(array_filter($works, $this->rig->isMadeWholeBy(...)));
        do {
            $kept = [] === $closing ? [] : \array_slice($works, 0, max($closing) + 1);
            $undone = array_filter(Gate::atTheEnd(), static fn (Gate $gate): bool => self::isUndoneBy($kept, $gate));
            $closing = array_keys(array_filter($works, static fn (IssuedWork $work): bool => \in_array($work, $kept, true)
                || [] !== array_filter($undone, $work->meets(...))));
        } while (\count($closing) > \count($kept));

        return $kept;
    }

    /** @param list<IssuedWork> $works */
    private static function isUndoneBy(array $works, Gate $gate): bool
    {
        return [] !== array_filter($works, static fn (IssuedWork $work): bool => $work->breaks($gate));
    }

    /**
     * What only the task needed falls away with it, as far as it has not begun; and then the turns and lockouts between
     * which nothing is left.
     *
     * @param array<string, EntryContent> $answers by step
     *
     * @return array<string, EntryContent>
     */
    private function withNeedless(array $answers, ?Needless $needless, BenchStep $step): array
    {
        $ids = null === $needless || !$this->areLeftOut($needless->without, $answers) ? [] : $needless->works;
        $works = array_filter($this->order->all, fn (IssuedWork $work): bool => \in_array($work->work->id->text, $ids, true)
            && !$this->rig->hasBegun($work) && !$this->rig->isMadeWholeBy($work));
        $answers += self::needless($works);

        return null === $step->position
            ? $answers
            : $answers + self::needless(IdleModes::of($this->order, $this->rig, $answers, $step->position));
    }

    /**
     * What was left out with it may be done after all, once a correction says so.
     *
     * @param list<string>                $tasks
     * @param array<string, EntryContent> $answers by step
     */
    private function areLeftOut(array $tasks, array $answers): bool
    {
        foreach ($this->order->all as $work) {
            $isMeant = null !== $work->task && \in_array($work->work->position?->value.'.'.$work->task->value, $tasks, true);
            foreach ($isMeant ? $work->steps : [] as $step) {
                if (true !== ($answers[$step->id] ?? null)?->isOfTask()) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param array<IssuedWork> $works
     *
     * @return array<string, EntryContent> by step
     */
    private static function needless(array $works): array
    {
        $steps = array_merge(...array_map(static fn (IssuedWork $work): array => $work->steps, array_values($works)));

        return array_fill_keys(array_column($steps, 'id'), EntryContent::needless());
    }
}
