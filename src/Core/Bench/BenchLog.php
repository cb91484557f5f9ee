<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\LevelAdvice;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Core\Fluid\LevelQuestion;
use FreshTack\Core\Order\Level;

/** The entries of one order, replayed: which steps are done, what stops the work, what the oil needs next. */
final readonly class BenchLog
{
    /**
     * @param list<Entry>                 $entries all, in their order
     * @param array<string, EntryContent> $answers the entry that settles a step, by step
     * @param array<string, EngineOilLog> $oil     by position
     */
    private function __construct(
        private BenchPlan $plan,
        public array $entries,
        private array $answers,
        private array $oil,
        public ?Observation $stoppedBy,
    ) {
    }

    public static function start(BenchPlan $plan): self
    {
        return new self($plan, [], [], [], null);
    }

    /**
     * @param list<Entry> $entries
     *
     * @throws InvalidEntry|InvalidTightening if an entry does not fit what went before
     */
    public static function replay(BenchPlan $plan, array $entries): self
    {
        $corrections = [];
        foreach ($entries as $entry) {
            if (null !== $entry->corrects) {
                $corrections[$entry->corrects] = $entry;
            }
        }
        $log = self::start($plan);
        foreach ($entries as $entry) {
            $standing = $entry;
            while (isset($corrections[$standing->uuid])) {
                $standing = $corrections[$standing->uuid];
            }
            $log = null === $entry->corrects ? $log->judged($standing)->naming($entry) : $log->kept($entry);
            $log = $log->stoppedFor($entry);
        }

        return $log;
    }

    /**
     * What is entered now: it may not go on past a stop, nor fill an engine a second time.
     *
     * @throws InvalidEntry      if the step can't take it, the work is stopped, or oil would move on an unsettled reading
     * @throws InvalidTightening if a torque or turns lie outside the sheet's range
     */
    public function with(Entry $entry): self
    {
        $this->checkStop($entry->content->kind);
        $this->checkFill($entry);

        return $this->judged($entry);
    }

    /** @throws InvalidEntry|InvalidTightening */
    private function judged(Entry $entry): self
    {
        $step = $this->plan->step($entry->stepId);
        $content = $entry->content;
        if (!$content->kind->answers($step->entry)) {
            throw InvalidEntry::wrongKind($content->kind->value, $step->entry);
        }
        $this->checkFigures($step, $content);

        return $this->after($entry, $step);
    }

    /**
     * The log as if the entry stood where the one that it corrects stood, everything after it judged anew.
     *
     * @throws InvalidEntry|InvalidTightening if it names no entry of its step, or does not fit
     */
    public function corrected(Entry $correction): self
    {
        $old = array_values(array_filter($this->entries, static fn (Entry $entry): bool => $entry->uuid === $correction->corrects));
        if ([] === $old) {
            throw InvalidEntry::unknownEntry($correction->corrects ?? '');
        }

        return $old[0]->stepId === $correction->stepId ? self::replay($this->plan, [...$this->entries, $correction]) : throw InvalidEntry::otherStep();
    }

    public function answer(string $stepId): ?EntryContent
    {
        return $this->answers[$stepId] ?? null;
    }

    public function oil(string $position): EngineOilLog
    {
        return $this->oil[$position] ?? EngineOilLog::empty();
    }

    public function isDone(BenchStep $step): bool
    {
        $answer = $this->answer($step->id);

        return null !== $answer && !($step->must && EntryKind::NotDone === $answer->kind);
    }

    /** Keeps the log's own line where a correction stood in for it. */
    private function naming(Entry $entry): self
    {
        return new self($this->plan, [...\array_slice($this->entries, 0, -1), $entry], $this->answers, $this->oil, $this->stoppedBy);
    }

    private function kept(Entry $entry): self
    {
        return new self($this->plan, [...$this->entries, $entry], $this->answers, $this->oil, $this->stoppedBy);
    }

    /** What was once seen stops the work until somebody decides; a correction of what was seen does not. */
    private function stoppedFor(Entry $entry): self
    {
        $seen = $entry->content->observation;

        return Verdict::Stop === $seen?->verdict() ? new self($this->plan, $this->entries, $this->answers, $this->oil, $seen) : $this;
    }

    /** @throws InvalidEntry if oil was poured at this step before: more goes in as a top-up, after a reading */
    private function checkFill(Entry $entry): void
    {
        $step = $this->plan->step($entry->stepId);
        if ('poured' !== $step->entry || EntryKind::Poured !== $entry->content->kind) {
            return;
        }
        $corrected = array_map(static fn (Entry $each): ?string => $each->corrects, $this->entries);
        foreach ($this->entries as $before) {
            $stands = $before->stepId === $step->id && !\in_array($before->uuid, $corrected, true);
            if ($stands && EntryKind::Poured === $before->content->kind) {
                throw InvalidEntry::filledBefore($before);
            }
        }
    }

    /** @throws InvalidEntry */
    private function checkStop(EntryKind $kind): void
    {
        if (EntryKind::Decision === $kind) {
            null !== $this->stoppedBy || throw InvalidEntry::nothingToDecide();
        } elseif (null !== $this->stoppedBy && EntryKind::Note !== $kind) {
            throw InvalidEntry::stopped($this->stoppedBy);
        }
    }

    /** @throws InvalidEntry|InvalidTightening */
    private function checkFigures(BenchStep $step, EntryContent $content): void
    {
        if (null !== $content->torque) {
            $step->tightening?->torque()?->accept($content->torque);
        }
        if (null !== $content->turns) {
            $step->tightening?->turns()?->accept($content->turns);
        }
        if (null !== $content->observation && $content->observation->question() !== $step->entry) {
            throw InvalidEntry::wrongKind($content->observation->value, $step->entry);
        }
        if (EntryKind::Count === $content->kind && $content->in !== $content->out) {
            throw InvalidEntry::countsDiffer($content->in ?? 0, $content->out ?? 0);
        }
        if ($step->asksForLevel()) {
            $this->checkOil($step, $content);
        }
    }

    /** @throws InvalidEntry */
    private function checkOil(BenchStep $step, EntryContent $content): void
    {
        $oil = $this->oil($step->position ?? '');
        $advice = $oil->advice;
        if (EntryKind::Level === $content->kind && 'level' === $step->entry && !$oil->hasRun) {
            throw InvalidEntry::notRunYet();
        }
        if (EntryKind::Poured === $content->kind) {
            $this->checkTopUp($step, $content, $advice);
        }
        if (EntryKind::TakenOut === $content->kind && Advice::TakeOut !== $advice?->advice) {
            throw InvalidEntry::takeOutUnasked();
        }
    }

    /** @throws InvalidEntry */
    private function checkTopUp(BenchStep $step, EntryContent $content, ?LevelAdvice $advice): void
    {
        if (null === $advice || Advice::Wait === $advice->advice) {
            $required = null === $step->level ? 0 : $this->restRequired($step, $step->level);
            throw InvalidEntry::topUpUnsettled($advice->waitMin ?? $required);
        }
        if (Advice::Add !== $advice->advice) {
            throw InvalidEntry::topUpUnasked();
        }
        if (null !== $step->level && ($content->volume?->millilitresUp() ?? 0) > $step->level->dipstick->topUpMax->millilitresUp()) {
            throw InvalidEntry::topUpTooLarge($step->level->dipstick->topUpMax->inBothUnits());
        }
    }

    private function restRequired(BenchStep $step, Level $level): int
    {
        return 'run' === $this->oil($step->position ?? '')->lastEvent ? $level->restAfterRun->count : $level->restAfterPour->count;
    }

    private function after(Entry $entry, BenchStep $step): self
    {
        $content = $entry->content;
        $position = $step->position ?? '';
        $oil = $this->oilAfter($entry, $step);
        $settles = !\in_array($content->kind, [EntryKind::Note, EntryKind::Decision], true) && (!$step->asksForLevel() || $this->settlesLevel($step, $content, $oil));
        $answers = $settles ? [...$this->answers, $step->id => $content] : $this->answers;
        $stops = Verdict::Stop === $content->observation?->verdict() ? $content->observation : $this->stoppedBy;

        return new self($this->plan, [...$this->entries, $entry], $answers, [...$this->oil, $position => $oil], EntryKind::Decision === $content->kind ? null : $stops);
    }

    private function settlesLevel(BenchStep $step, EntryContent $content, EngineOilLog $oil): bool
    {
        $enough = 'level' === $step->entry ? [Advice::Ok] : [Advice::Ok, Advice::Run];

        return EntryKind::NotDone === $content->kind || (EntryKind::Level === $content->kind && \in_array($oil->advice?->advice, $enough, true));
    }

    private function oilAfter(Entry $entry, BenchStep $step): EngineOilLog
    {
        $oil = $this->oil($step->position ?? '');
        $content = $entry->content;

        return match (true) {
            null !== $content->volume && EntryKind::Poured === $content->kind => $oil->withPour($content->volume, 'poured' === $step->entry, $entry->at),
            null !== $content->volume => $oil->withTakenOut($content->volume, $entry->at),
            null !== $content->reading && null !== $content->rest && null !== $step->level => $oil->withReading($content->reading->text(), (new LevelAdvisor())->advise(
                new LevelQuestion($content->reading, false, $oil->hasRun, $content->rest, 'run' === $oil->lastEvent ? $step->level->restAfterRun : $step->level->restAfterPour),
                $step->level->dipstick,
            )),
            'run' === $step->event && !\in_array($content->kind, [EntryKind::Note, EntryKind::Decision, EntryKind::NotDone], true) => $oil->withRun($entry->at),
            default => $oil,
        };
    }
}
