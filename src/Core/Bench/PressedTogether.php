<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Effect;

/**
 * What one press enters. Plain steps of one engine that follow each other are checked together; what must be done stands
 * alone. A figure is entered with what only leads up to it, and a reading with the rest that is over.
 */
final readonly class PressedTogether
{
    /** After these nothing is done in the same breath: a clock runs, an engine or a boat moves. */
    private const ENDING = [
        Effect::Started, Effect::Stopped, Effect::Cranked, Effect::Rested, Effect::Launched, Effect::LockoutLifted,
    ];
    /** These only have to come before something else: nothing is opened, nothing is freed. */
    private const QUIET = [
        Effect::OilWiped, Effect::Sprayed, Effect::TurnedByHand, Effect::ShiftMarked, Effect::PropellerLockOpened,
    ];

    /** @var array<string, int> by the id of a step */
    private array $places;

    /** @param array<string, NotYet|null> $open what speaks against each step that is not answered; null: nothing does */
    public function __construct(private IssuedOrder $order, private array $open)
    {
        $this->places = array_flip(array_column($order->steps, 'id'));
    }

    /** @return list<string> steps after a plain one that are checked with it */
    public function after(BenchStep $first): array
    {
        if (!$this->isPlain($first) || null !== $this->open[$first->id]) {
            return [];
        }
        $run = [$first];
        for ($place = $this->places[$first->id] + 1; isset($this->order->steps[$place]); ++$place) {
            $next = $this->order->steps[$place];
            if (!$this->continues($run, $next)) {
                break;
            }
            $run[] = $next;
        }

        return array_column(\array_slice($run, 1), 'id');
    }

    /**
     * Who counts, tightens, pours or measures has done what leads up to it. A look that may stop the work does not say so.
     *
     * @return list<string> steps that are entered with this one
     */
    public function before(BenchStep $step): array
    {
        if ($step->asksForLevel()) {
            $rest = $this->restBefore($step);

            return null === $rest ? [] : [$rest];
        }
        $isLook = [] !== Observation::answersTo($step->entry);
        if (EntryKind::Tick->value === $step->entry || $isLook || !\array_key_exists($step->id, $this->open)) {
            return [];
        }
        $leading = [];
        for ($place = $this->places[$step->id] - 1; $place >= 0 && $this->leadsTo($this->order->steps[$place], $step); --$place) {
            $leading = [$this->order->steps[$place], ...$leading];
        }

        return [] !== $leading && $this->follows($step, $leading) && $this->areFree($leading) ? array_column($leading, 'id') : [];
    }

    /** Plain, of the same operation, and nothing that takes its time or moves anything. */
    private function leadsTo(BenchStep $plain, BenchStep $step): bool
    {
        return $this->isPlain($plain)
            && $this->order->workOf($plain) === $this->order->workOf($step)
            && !$plain->has(...self::ENDING);
    }

    /** @param non-empty-list<BenchStep> $leading */
    private function areFree(array $leading): bool
    {
        foreach ($leading as $place => $step) {
            $isFree = 0 === $place ? null === $this->open[$step->id] : $this->follows($step, \array_slice($leading, 0, $place));
            if (!$isFree) {
                return false;
            }
        }

        return true;
    }

    /** @return string|null the rest that is over, and that this reading was for; null: none, or the reading waits for more */
    private function restBefore(BenchStep $reading): ?string
    {
        if (!$reading->asksForLevel() || !\array_key_exists($reading->id, $this->open)) {
            return null;
        }
        for ($place = $this->places[$reading->id] - 1; $place >= 0; --$place) {
            $step = $this->order->steps[$place];
            if ($step->position !== $reading->position) {
                continue;
            }
            if ($step->asksForLevel()) {
                return null;
            }
            if ($step->has(Effect::Rested)) {
                return $this->isOver($step, $reading) ? $step->id : null;
            }
        }

        return null;
    }

    private function isOver(BenchStep $rest, BenchStep $reading): bool
    {
        $notYet = $this->open[$reading->id];
        $isOpen = \array_key_exists($rest->id, $this->open) && null === $this->open[$rest->id];

        return $isOpen && (null === $notYet || $rest->id === $notYet->first?->id);
    }

    /** @param non-empty-list<BenchStep> $run */
    private function continues(array $run, BenchStep $next): bool
    {
        $last = $run[\count($run) - 1];

        return $this->isPlain($next)
            && $next->position === $last->position
            && !$this->ends($last, $next)
            && $this->follows($next, $run);
    }

    /** Nothing but that it was done; a step at which it is asked about a part that lay ready stands alone. */
    private function isPlain(BenchStep $step): bool
    {
        $work = $this->order->workOf($step);
        $isAsked = [] !== $this->order->laidOutAt($work) && $step === $work->ending[\count($work->ending) - 1];

        return EntryKind::Tick->value === $step->entry && !$step->must && !$isAsked && \array_key_exists($step->id, $this->open);
    }

    /** What opens something is followed within its own operation only. */
    private function ends(BenchStep $last, BenchStep $next): bool
    {
        $loud = array_filter($last->effects, static fn (Effect $effect): bool => !\in_array($effect, self::QUIET, true));

        return $last->has(...self::ENDING)
            || ([] !== $loud && $this->order->workOf($last)->work->id->text !== $this->order->workOf($next)->work->id->text);
    }

    /**
     * It may be done now, or as soon as what stands before it in the run is.
     *
     * @param non-empty-list<BenchStep> $run
     */
    private function follows(BenchStep $next, array $run): bool
    {
        $notYet = $this->open[$next->id];

        return null === $notYet
            || (!$notYet->atCart && null === $notYet->until && \in_array($notYet->first?->id, array_column($run, 'id'), true));
    }
}
