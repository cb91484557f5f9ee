<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\Position;

/** What one engine asks of the others, and of the hands that are at them. */
final readonly class RigGates
{
    /** @param \Closure(): OpenSteps $open */
    public function __construct(private IssuedOrder $order, private RigAtBench $rig, private \Closure $open)
    {
    }

    /**
     * @param list<Effect> $effects
     * @param string|null  $by      whose hands; null: nobody knows
     */
    public function before(IssuedWork $work, BenchStep $step, array $effects, ?string $by): ?NotYet
    {
        $makesSafe = [] !== array_filter($effects, static fn (Effect $effect): bool => $effect->makesSafe());
        $starts = \in_array(Effect::Started, $effects, true) || \in_array(Effect::Cranked, $effects, true);

        return ($starts ? $this->air() ?? $this->handsBeside($step->position) : null)
            ?? ($makesSafe ? null : $this->whileOneRuns($work, $effects, $by)
                ?? $this->offGoesOn($work, $by)
                ?? $this->handsThere($work, $by));
    }

    /** No fuel open or unproven, and no solvent in the air, anywhere on the rig. */
    private function air(): ?NotYet
    {
        foreach ($this->rig->rig->positions as $position) {
            $engine = $this->rig->engine($position);
            if (!$engine->meets(Gate::FuelTight) || !$engine->meets(Gate::FuelPanShut)) {
                return NotYet::because(
                    Gate::RigFuelTight,
                    $this->order->nameOf($position),
                    MissingWords::of($engine->meets(Gate::FuelTight) ? Gate::FuelPanShut : Gate::FuelTight),
                    ($this->open)()->doing($position, Effect::FuelProven, Effect::FuelPanShut),
                );
            }
        }
        foreach ($this->rig->going() as $going) {
            if ($going->work->has(Effect::Sprayed)) {
                return NotYet::because(Gate::NoVapour, '', 'Solvent is being sprayed.', ($this->open)()->of($going));
            }
        }

        return null;
    }

    /** Nobody at propeller, water or belts of the engines beside one that starts; of none where they share a lockout. */
    private function handsBeside(?Position $position): ?NotYet
    {
        foreach ($this->rig->going() as $going) {
            $there = $going->work->position;
            if (null === $position || null === $there || $position === $there || $going->isRun() || $going->isMode()) {
                continue;
            }
            $isInReach = $this->rig->rig->areBeside($position, $there) && $going->work->hands->zone->isInReach();
            if ($isInReach || $this->rig->rig->shared) {
                return NotYet::because(
                    $isInReach ? Gate::NeighboursClear : Gate::SharedLockout,
                    '',
                    \sprintf('“%s” is not finished on %s.', $going->work->title, $there->label()),
                    ($this->open)()->of($going),
                );
            }
        }

        return null;
    }

    /** @param list<Effect> $effects */
    private function whileOneRuns(IssuedWork $work, array $effects, ?string $by): ?NotYet
    {
        foreach ($this->rig->rig->positions as $position) {
            $engine = $this->rig->engine($position);
            $here = $work->work->position;
            if (!$engine->isRunning() || $position === $here) {
                continue;
            }
            $isAttending = $work->isRun() || $work->isMode();
            $isBeside = null !== $here && $this->rig->rig->areBeside($position, $here);
            $gate = match (true) {
                \in_array(Effect::FuelOpened, $effects, true) => Gate::RigFuelTight,
                \in_array(Effect::Sprayed, $effects, true) => Gate::NoVapour,
                $isBeside && !$isAttending && $work->work->hands->zone->isInReach() => Gate::NeighboursClear,
                $this->rig->rig->shared && null !== $here && !$isAttending => Gate::SharedLockout,
                null !== $by && $engine->runBy === $by && !($isAttending && $isBeside) => Gate::Attended,
                default => null,
            };
            if (null !== $gate) {
                $why = Gate::Attended === $gate ? '%s runs, and you are the one who stays by it.' : '%s runs.';

                return NotYet::because(
                    $gate,
                    '',
                    \sprintf($why, $this->name($position)),
                    ($this->open)()->doing($position, Effect::Stopped),
                );
            }
        }

        return null;
    }

    /** Who has a filter or a fuel joint off puts it on again before their hands go elsewhere. */
    private function offGoesOn(IssuedWork $work, ?string $by): ?NotYet
    {
        foreach ($work->isMode() ? [] : $this->rig->rig->positions as $position) {
            $engine = $this->rig->engine($position);
            $isHere = $position === $work->work->position;
            $isOff = null !== $by && $by === $engine->filterOffBy && !$engine->meets(Gate::FilterFitted);
            if ($isOff && !($isHere && $this->isAtFilter($work))) {
                return $this->comesNext(
                    $position,
                    Gate::FilterNext,
                    'The filter is off: the new one goes on next.',
                    ($this->open)()->doing($position, Effect::FilterOn),
                );
            }
            $isApart = null !== $by && $by === $engine->fuelOpenBy && $engine->state->isOpen(Opening::FuelLine);
            if ($isApart && !($isHere && $this->isAtFuel($work))) {
                return $this->comesNext(
                    $position,
                    Gate::FuelNext,
                    'A fuel joint is apart: it goes on again next.',
                    ($this->open)()->closing($position, Opening::FuelLine),
                );
            }
        }

        return null;
    }

    /** Somebody else's hands are at the same part of the engine; what only drips or rests holds nobody. */
    private function handsThere(IssuedWork $work, ?string $by): ?NotYet
    {
        $position = $work->work->position;
        foreach (null === $by || null === $position || $work->isMode() ? [] : $this->rig->inHand() as $begun) {
            $there = $begun->work->work;
            $isOther = null !== $begun->lastBy && $by !== $begun->lastBy && $begun->work->work->id->text !== $work->work->id->text;
            $isHeld = $position === $there->position && 0 === $there->hands->unattendedMin && !$begun->work->isMode();
            if (null !== $position && $isOther && $isHeld && $there->hands->zone->meets($work->work->hands->zone)) {
                return NotYet::because(
                    Gate::OneZone,
                    $this->order->nameOf($position),
                    \sprintf('Somebody else\'s hands are there: “%s” is not finished.', $there->title),
                    ($this->open)()->of($begun->work),
                );
            }
        }

        return null;
    }

    private function isAtFilter(IssuedWork $work): bool
    {
        return $work->work->changes->hasAny(
            Effect::FilterOff,
            Effect::FilterOn,
            Effect::OldGasketSeen,
        ) || $this->isTogether($work, Effect::FilterOff);
    }

    private function isAtFuel(IssuedWork $work): bool
    {
        return $work->work->changes->hasAny(Effect::FuelOpened, Effect::FuelProven)
            || Opening::FuelLine === $work->work->changes->closes
            || \in_array(Opening::FuelLine, $work->work->needs->open, true)
            || $this->isTogether($work, Effect::FuelOpened);
    }

    private function comesNext(Position $position, Gate $gate, string $why, ?BenchStep $first): NotYet
    {
        return NotYet::because($gate, $this->order->nameOf($position), $why, $first);
    }

    private function isTogether(IssuedWork $work, Effect $with): bool
    {
        return [] !== array_filter($this->order->togetherWith($work), static fn (IssuedWork $each): bool => $each->work->has($with));
    }

    private function name(Position $position): string
    {
        return \count($this->order->engines) > 1 ? $position->label() : 'The engine';
    }
}
