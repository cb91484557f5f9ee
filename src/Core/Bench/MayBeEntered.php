<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\LevelRead;

/** Whether anything may be entered at all, before it is asked what. Not even what happened all the same gets past it. */
final readonly class MayBeEntered
{
    public function __construct(private BenchLog $log)
    {
    }

    /**
     * At an engine that was let go nothing is entered any more; notes are.
     *
     * @throws InvalidEntry
     */
    public function atEngine(Entry $entry, BenchStep $step): void
    {
        $released = $this->log->rig()->release($step->position);
        if (null !== $released && EntryKind::Note !== $entry->content->kind) {
            throw InvalidEntry::engineReleased($step->label, $released);
        }
    }

    /**
     * Nobody types minutes where the log counts them.
     *
     * @throws InvalidEntry
     */
    public function withRest(Entry $entry, BenchStep $step): void
    {
        $rest = $entry->content->as(LevelRead::class)?->rest;
        if (null !== $rest && null !== $this->log->oilAt($step)->eventAt) {
            throw InvalidEntry::restIsCounted();
        }
    }

    /**
     * What somebody has finished is not finished again: what was different is a correction of theirs.
     *
     * @throws InvalidEntry
     */
    public function once(Entry $entry, BenchStep $step): void
    {
        $kind = $entry->content->kind;
        if (!$kind->isEnteredOnce() || $kind !== $this->log->answer($step->id)?->kind) {
            return;
        }
        $before = array_filter(
            $this->log->entries,
            static fn (Entry $each): bool => $each->stepId === $step->id && $kind === $each->content->kind,
        );
        $last = end($before);
        false === $last || throw InvalidEntry::enteredBefore($last);
    }

    /**
     * What somebody else has taken on is theirs to enter. What happened all the same, and what the paper says, is taken.
     *
     * @throws InvalidEntry
     */
    public function besideOthers(Entry $entry, BenchStep $step, IssuedWork $work, ?Claims $claims): void
    {
        $isAsked = $entry->content->kind->isWork() && !$entry->told->happened;
        $claim = $isAsked ? $claims?->barring($work, $entry->hands()) : null;
        null === $claim || throw InvalidEntry::ofOther(NotYet::ofOther($work, $step, $claim));
    }

    /**
     * Work waits for a decision; what happened all the same is told.
     *
     * @throws InvalidEntry
     */
    public function underStop(Entry $entry, BenchStep $step): void
    {
        if (EntryKind::Decision === $entry->content->kind) {
            null !== $this->log->stoppedBy() || throw InvalidEntry::nothingToDecide();
        } elseif ($entry->content->kind->isAnswer() && !$entry->told->happened) {
            $stop = $this->log->stopAt($step);
            null === $stop || throw InvalidEntry::stopped($stop);
        }
    }
}
