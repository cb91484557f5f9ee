<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Amount;
use FreshTack\Core\Bench\Said\LevelRead;
use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\PartUsed;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Core\Fluid\LevelQuestion;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Quantity\Minutes;

/** What follows from the entries so far: the answers, the oil, the engines, what is stopped, what time it is. */
final readonly class BenchState
{
    /**
     * @param array<string, EntryContent> $answers the entry that settles a step, by step
     * @param array<string, EngineOilLog> $oil     by position
     */
    private function __construct(
        public array $answers,
        public array $oil,
        public RigAtBench $rig,
        public LogClock $clock,
        public Standstill $standstill,
        public UsedParts $used,
    ) {
    }

    public static function start(IssuedOrder $order): self
    {
        return new self([], [], RigAtBench::onArrival($order->rig), LogClock::start(), Standstill::none(), UsedParts::none());
    }

    public function oilAt(BenchStep $step): EngineOilLog
    {
        return $this->oil[$step->position->value ?? ''] ?? EngineOilLog::empty();
    }

    public function isDone(BenchStep $step): bool
    {
        $answer = $this->answers[$step->id] ?? null;

        return null !== $answer && !($step->must && EntryKind::NotDone === $answer->kind && !$answer->isWhole());
    }

    /**
     * What an entry of this kind brings about at a step.
     *
     * @return list<Effect>
     */
    public static function effects(BenchStep $step, EntryKind $kind): array
    {
        return match (true) {
            !$kind->isWork() => [],
            $step->asksForLevel() && EntryKind::Level !== $kind => [Effect::OilIn],
            default => $step->effects,
        };
    }

    /** A reading with the minutes of rest that the log counts, unless it says them itself. */
    public function counted(Entry $entry, BenchStep $step): Entry
    {
        $content = $entry->content;
        $since = $this->oilAt($step)->eventAt;
        $at = $this->clock->of($entry);
        $read = $content->as(LevelRead::class);
        if (null === $read || null !== $read->rest || null === $since || null === $at) {
            return $entry;
        }
        $seconds = $at->getTimestamp() - $since->getTimestamp();

        return $entry->saying($content->rested(Minutes::count(intdiv($seconds, 60))));
    }

    public function after(Entry $entry, BenchStep $step, IssuedOrder $order): self
    {
        $work = $order->workOf($step);
        $content = $entry->content;
        $at = $this->clock->about($entry, $step->position);
        $oil = $this->oilAfter($entry, $step, $at);
        $settles = $content->kind->isAnswer() && (!$step->asksForLevel() || self::settlesLevel($step, $content, $oil));
        $rig = $content->kind->isWork() ? $this->rig->after($work, self::effects($step, $content->kind), $entry->hands(), $at) : $this->rig;
        $rig = EntryKind::Released === $content->kind && null !== $step->position ? $rig->letGo($step->position, $entry) : $rig;
        $leftOut = $settles && $content->isOfTask() ? new LeftOut($order, $this->rig) : null;
        $after = new self(
            $leftOut?->answers($this->answers, $entry, $step) ?? ($settles ? [...$this->answers, $step->id => $content] : $this->answers),
            null === $step->position ? $this->oil : [...$this->oil, $step->position->value => $oil],
            $rig,
            $this->clock->after($entry, $step->position),
            $this->standstill->after($entry, $step),
            self::used($this->used, $entry, $step, $order),
        );

        return array_reduce(
            $leftOut?->works($work) ?? [],
            static fn (self $state, IssuedWork $each): self => $state->ending($each),
            $settles ? $after->ending($work) : $after,
        );
    }

    /** What the entry says of parts that were laid out: by itself, or with what was seen at each place. */
    private static function used(UsedParts $used, Entry $entry, BenchStep $step, IssuedOrder $order): UsedParts
    {
        $detail = $entry->content->detail;
        $said = match (true) {
            $detail instanceof PartUsed => [new UsedPart($detail->number, $detail->count, $entry)],
            $detail instanceof Measured => $order->usedAt($step, $detail, $entry),
            default => [],
        };
        $work = $order->workOf($step);

        return array_reduce($said, static fn (UsedParts $all, UsedPart $each): UsedParts => $all->with($work, $each), $used);
    }

    public function standing(Standstill $standstill): self
    {
        return new self($this->answers, $this->oil, $this->rig, $this->clock, $standstill, $this->used);
    }

    /** An operation ends with its last must-step; it closes what it closes only if all of them were done. */
    private function ending(IssuedWork $work): self
    {
        if (!$work->isOver($this->answers)) {
            return $this;
        }
        $isDone = [] === array_filter($work->ending, fn (BenchStep $step): bool => $this->answers[$step->id]->isNotDone());

        return new self($this->answers, $this->oil, $this->rig->ended($work, $isDone), $this->clock, $this->standstill, $this->used);
    }

    private static function settlesLevel(BenchStep $step, EntryContent $content, EngineOilLog $oil): bool
    {
        if ('level_once' === $step->entry) {
            return $content->isNotDone() || EntryKind::Level === $content->kind;
        }
        $enough = 'level' === $step->entry ? [Advice::Ok] : [Advice::Ok, Advice::Run];

        return $content->isNotDone() || (EntryKind::Level === $content->kind && \in_array($oil->advice?->advice, $enough, true));
    }

    private function oilAfter(Entry $entry, BenchStep $step, ?\DateTimeImmutable $at): EngineOilLog
    {
        $oil = $this->oilAt($step);
        $content = $entry->content;
        $amount = $content->as(Amount::class);
        $read = $content->as(LevelRead::class);

        return match (true) {
            null !== $amount && EntryKind::Poured === $content->kind => $oil->withPour(
                $amount->volume,
                'poured' === $step->entry,
                $at,
            ),
            null !== $amount => $oil->withTakenOut($amount->volume, $at),
            null !== $read?->rest() => $this->read($oil, $read->reading, $read->rest(), $step->level, $at),
            'run' === $step->event && $content->kind->isWork() => $oil->withRun($at),
            default => $oil,
        };
    }

    private function read(
        EngineOilLog $oil,
        DipstickReading $reading,
        Minutes $rest,
        ?Level $level,
        ?\DateTimeImmutable $at,
    ): EngineOilLog {
        if (null === $level) {
            return $oil;
        }
        $question = new LevelQuestion(
            $reading,
            false,
            $oil->hasRun,
            $rest,
            $oil->restRequired($level),
            $level->isReadTwice,
            $oil->earlier($at),
        );

        return $oil->withReading($reading, (new LevelAdvisor())->advise($question, $level->dipstick), $at);
    }
}
