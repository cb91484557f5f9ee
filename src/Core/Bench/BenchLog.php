<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Finding\InvalidAnswer;
use FreshTack\Core\Plan\Effect;

/** The entries of one order, replayed: which steps are done, what stops the work, what the oil needs next. */
final readonly class BenchLog
{
    /** @param list<Entry> $entries all, in their order */
    private function __construct(private IssuedOrder $order, public array $entries, private BenchState $state)
    {
    }

    public static function start(IssuedOrder $order): self
    {
        return new self($order, [], BenchState::start($order));
    }

    /**
     * @param list<Entry> $entries
     * @param string|null $asked   uuid of a correction that is to be judged as strictly as what is entered now
     *
     * @throws InvalidEntry|InvalidTightening if an entry does not fit its step, or the correction what went before it
     */
    public static function replay(IssuedOrder $order, array $entries, ?string $asked = null, ?ShopSide $shop = null): self
    {
        $entries = array_map(static fn (Entry $entry): Entry => self::judged($entry, $order), $entries);
        $corrections = Corrections::among($entries);
        $log = self::start($order);
        foreach ($entries as $entry) {
            $standing = $corrections->standing($entry);
            $log = null === $entry->corrects
                ? $log->replayed($entry === $standing ? $entry : $standing->inPlaceOf($entry), $entry, $asked === $standing->uuid, $shop)
                : $log->kept($entry)->stoppedFor($entry, $order->step($entry->stepId), null);
        }

        return $log;
    }

    /**
     * What is entered now. What is about to be done and may not be is refused; what happened all the same is taken, and
     * stops the work that it endangers.
     *
     * @throws InvalidEntry      if the step can't take it, a gate is not met, or the work is stopped
     * @throws InvalidTightening if a torque or turns lie outside the sheet's range
     */
    public function with(Entry $entry, ?ShopSide $shop = null): self
    {
        $step = $this->order->step($entry->stepId);
        EntryRules::checkKind($step, $entry->content);
        $entry = self::judged($entry, $this->order);
        if (EntryKind::TakenBack === $entry->content->kind) {
            throw InvalidEntry::unknownEntry('');
        }
        $may = new MayBeEntered($this);
        $may->atEngine($entry, $step);
        $may->once($entry, $step);
        $may->withRest($entry, $step);
        $may->underStop($entry, $step);
        $may->besideOthers($entry, $step, $this->order->workOf($step), $shop?->claims);
        $objection = $this->objection($entry, $step, $shop);
        $happened = $entry->told->happened;
        $happened || null === $objection || throw $objection;
        !$happened || null !== $objection || throw InvalidEntry::nothingAgainst();

        return $this->entered($entry, $entry, $step, $objection);
    }

    /**
     * The log as if the entry stood where the one that it corrects stood, everything after it judged anew.
     *
     * @throws InvalidEntry|InvalidTightening if it names no entry of its step, or does not fit
     */
    public function corrected(Entry $correction, ?ShopSide $shop = null): self
    {
        $old = array_values(array_filter(
            $this->entries,
            static fn (Entry $entry): bool => $entry->uuid === $correction->corrects,
        ))[0] ?? null;
        if (null === $old) {
            throw InvalidEntry::unknownEntry($correction->corrects ?? '');
        }
        if ($old->stepId !== $correction->stepId) {
            throw InvalidEntry::otherStep();
        }
        if (EntryKind::Released !== $old->content->kind) {
            (new MayBeEntered($this))->atEngine($correction, $this->order->step($old->stepId));
        }
        Corrections::check($old, $correction, $this->entries[\count($this->entries) - 1]);

        return self::replay($this->order, [...$this->entries, $correction], $correction->uuid, $shop);
    }

    /**
     * What was measured or seen, with what it means.
     *
     * @throws InvalidEntry if it is no answer to what its step asks for
     */
    private static function judged(Entry $entry, IssuedOrder $order): Entry
    {
        try {
            $content = $entry->content->judgedAt($order->step($entry->stepId));

            return $content === $entry->content ? $entry : $entry->saying($content);
        } catch (InvalidAnswer $error) {
            throw InvalidEntry::answer($error);
        }
    }

    /** Whether an engine was let go by this entry. */
    public function isRelease(?string $uuid): bool
    {
        return [] !== array_filter($this->state->rig->released, static fn (Entry $entry): bool => $entry->uuid === $uuid);
    }

    public function answer(string $stepId): ?EntryContent
    {
        return $this->state->answers[$stepId] ?? null;
    }

    /** What became of the order. */
    public function outcomes(): Outcomes
    {
        return new Outcomes($this->order, $this);
    }

    public function oil(string $position): EngineOilLog
    {
        return $this->state->oil[$position] ?? EngineOilLog::empty();
    }

    public function oilAt(BenchStep $step): EngineOilLog
    {
        return $this->state->oilAt($step);
    }

    public function isDone(BenchStep $step): bool
    {
        return $this->state->isDone($step);
    }

    public function rig(): RigAtBench
    {
        return $this->state->rig;
    }

    /** @return list<Stop> that nobody has lifted, the first first */
    public function stops(): array
    {
        return $this->state->standstill->stops;
    }

    /** @return UsedPart|null of a part that lay ready at an operation; null: nobody has said */
    public function used(IssuedWork $work, string $number): ?UsedPart
    {
        return $this->state->used->of($work, $number);
    }

    /** By which entry the order is parked; whatever is entered next goes on with it. Null: it is not parked. */
    public function parked(): ?Entry
    {
        return $this->state->standstill->parked;
    }

    /** @return list<Finding> decided about or not, in the order in which they were found */
    public function findings(): array
    {
        return $this->state->standstill->findings;
    }

    public function stoppedBy(): ?Stop
    {
        return $this->state->standstill->stops[0] ?? null;
    }

    /** Nothing of it is left to be entered. */
    public function isOver(IssuedWork $work): bool
    {
        return $work->isOver($this->state->answers);
    }

    /** When something was last done of it; null: never. */
    public function lastAt(IssuedWork $work): ?\DateTimeImmutable
    {
        return $this->state->rig->lastAt($work);
    }

    public function clock(): LogClock
    {
        return $this->state->clock;
    }

    /** What time it is for this order. */
    public function now(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $this->state->clock->now($at);
    }

    /** What stops this step; what only makes an engine safer goes on. */
    public function stopAt(BenchStep $step): ?Stop
    {
        $stops = array_filter($this->state->standstill->stops, static fn (Stop $stop): bool => $stop->isOf($step->position));
        $makesSafe = array_filter($step->effects, static fn (Effect $effect): bool => $effect->makesSafe());

        return [] === $makesSafe ? array_values($stops)[0] ?? null : null;
    }

    /**
     * @param bool $isAsked whether it is judged as strictly as what is entered now
     *
     * @throws InvalidEntry|InvalidTightening
     */
    private function replayed(Entry $standing, Entry $line, bool $isAsked, ?ShopSide $shop): self
    {
        $step = $this->order->step($standing->stepId);
        EntryRules::checkKind($step, $standing->content);
        if ($isAsked && !$standing->told->happened) {
            (new MayBeEntered($this))->withRest($standing, $step);
            $objection = $this->objection($standing, $step, $shop);
            null === $objection || throw $objection;
        }

        return $this->entered($standing, $line, $step, $line->told->happened ? $this->objection($line, $step, $shop) : null);
    }

    /**
     * @param Entry                               $standing  what counts
     * @param Entry                               $line      what was entered first
     * @param InvalidEntry|InvalidTightening|null $objection what spoke against that
     */
    private function entered(Entry $standing, Entry $line, BenchStep $step, ?ExpectedError $objection): self
    {
        if (EntryKind::TakenBack === $standing->content->kind) {
            return $this->kept($line)->stoppedFor($line, $step, $objection);
        }
        $counted = $this->state->counted($standing, $step);
        $log = new self(
            $this->order,
            [...$this->entries, $standing === $line ? $counted : $line],
            $this->state->after($counted, $step, $this->order),
        );

        return EntryKind::Decision === $standing->content->kind ? $log->decided($step) : $log->stoppedFor($line, $step, $objection);
    }

    private function decided(BenchStep $step): self
    {
        $here = array_filter($this->state->standstill->stops, static fn (Stop $stop): bool => $stop->stepId === $step->id);
        $stop = array_values($here)[0] ?? $this->stoppedBy();

        return null === $stop ? $this : $this->standing($this->state->standstill->lifted($stop));
    }

    private function standing(Standstill $standstill): self
    {
        return new self($this->order, $this->entries, $this->state->standing($standstill));
    }

    private function kept(Entry $entry): self
    {
        return new self($this->order, [...$this->entries, $entry], $this->state);
    }

    /**
     * What was once seen, or happened all the same, stops the work until somebody decides; a correction of it does not
     * lift that.
     *
     * @param InvalidEntry|InvalidTightening|null $objection what speaks against what happened
     */
    private function stoppedFor(Entry $line, BenchStep $step, ?ExpectedError $objection): self
    {
        $gate = $objection instanceof InvalidEntry ? $objection->gate : null;
        $why = $objection?->getMessage() ?? 'This was not to happen, and it did.';
        $stops = [
            ...Stop::found($line, $step),
            ...($line->told->happened ? [Stop::happened($line, $step, $gate, $why)] : []),
        ];

        return [] === $stops ? $this : $this->standing($this->state->standstill->stopped(...$stops));
    }

    private function objection(Entry $entry, BenchStep $step, ?ShopSide $shop): InvalidEntry|InvalidTightening|null
    {
        return (new Objections($this->order, $this, $shop))->to($entry, $step);
    }

    /** What asks, of the engines as they are now, whether a step may be done. */
    public function gates(): BenchGates
    {
        return new BenchGates($this->order, $this->state);
    }
}
