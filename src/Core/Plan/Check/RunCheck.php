<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Check;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\TimedWork;

/** What must be so around an engine that runs: one person by it, its lockout, its neighbours, fuel and vapour on the rig. */
final readonly class RunCheck
{
    /** @param list<TimedWork> $plan in the order in which they begin */
    public function __construct(private Rig $rig, private array $plan, private Runs $runs)
    {
    }

    /** @throws GateBroken */
    public function check(): void
    {
        $fuel = $this->fuelOpen();
        $sprayed = array_filter($this->plan, static fn (TimedWork $timed): bool => $timed->work->has(Effect::Sprayed));
        foreach ($this->runs->all as $run) {
            $this->askAttended($run);
            $this->askNeighbours($run);
            $this->askAir($run, $fuel, $sprayed);
        }
        $this->askLockouts();
    }

    /**
     * @param non-empty-list<TimedWork> $run
     *
     * @throws GateBroken
     */
    private function askAttended(array $run): void
    {
        $by = $run[0]->technicians;
        foreach ($run as $place => $timed) {
            $by = array_values(array_intersect($by, $timed->technicians));
            $next = $run[$place + 1] ?? null;
            $isAlone = [] === $by || (null !== $next && $next->startMin > $timed->heldEndMin);
            !$isAlone && (null === $next || 0 === $timed->work->hands->unattendedMin) || throw GateBroken::unattended($timed->work);
        }
        [$from, $to] = self::span($run);
        foreach ($this->plan as $other) {
            if ($other->startMin >= $to || $other->heldEndMin <= $from || \in_array($other, $run, true)) {
                continue;
            }
            $attends = (Runs::isLockoutOnly($other) || $this->runs->has($other)) && null !== $other->work->position
                && null !== $run[0]->work->position && $this->rig->areBeside($other->work->position, $run[0]->work->position);
            if (!$attends && [] === array_diff($by, $other->technicians)) {
                throw GateBroken::leftRunning($run[0]->work, $other->work);
            }
        }
    }

    /**
     * @param non-empty-list<TimedWork> $run
     *
     * @throws GateBroken
     */
    private function askNeighbours(array $run): void
    {
        $start = $run[0]->work;
        [$from, $to] = self::span($run);
        foreach ($this->plan as $other) {
            $held = $other->startMin < $to && $other->heldEndMin > $from;
            if (
                !$held
                || $this->runs->has($other)
                || null === $other->work->position
                || $other->work->position === $start->position
                || null === $start->position
            ) {
                continue;
            }
            !$this->rig->shared || throw GateBroken::meanwhile(Gate::SharedLockout, $other->work, $start);
            if (
                $this->rig->areBeside($start->position, $other->work->position)
                && $other->work->hands->zone->isInReach()
                && !Runs::isLockoutOnly($other)
            ) {
                throw GateBroken::meanwhile(Gate::NeighboursClear, $other->work, $start);
            }
        }
    }

    /**
     * @param non-empty-list<TimedWork>           $run
     * @param list<array{TimedWork, int, int}>    $fuel    what opened it, from when, until when
     * @param array<int, TimedWork>               $sprayed
     *
     * @throws GateBroken
     */
    private function askAir(array $run, array $fuel, array $sprayed): void
    {
        $start = $run[0]->work;
        [$from, $to] = self::span($run);
        foreach ($fuel as [$opened, $since, $until]) {
            $since >= $to || $until <= $from || throw GateBroken::meanwhile(Gate::RigFuelTight, $start, $opened->work);
        }
        foreach ($sprayed as $other) {
            if ($other->startMin < $to && $other->endMin > $from) {
                throw GateBroken::meanwhile(Gate::NoVapour, $start, $other->work);
            }
        }
    }

    /** @return list<array{TimedWork, int, int}> what opened it, from when, until when it was proven dry */
    private function fuelOpen(): array
    {
        $open = [];
        foreach ($this->plan as $place => $timed) {
            if (!$timed->work->has(Effect::FuelOpened)) {
                continue;
            }
            $until = \PHP_INT_MAX;
            foreach (\array_slice($this->plan, $place) as $later) {
                if ($later->work->position === $timed->work->position && $later->work->has(Effect::FuelProven)) {
                    $until = $later->endMin;
                    break;
                }
            }
            $open[] = [$timed, $timed->startMin, $until];
        }

        return $open;
    }

    /**
     * From a lockout that is lifted to the next one nothing comes between; at its end an engine is handed back.
     *
     * @throws GateBroken
     */
    private function askLockouts(): void
    {
        foreach ($this->rig->positions as $position) {
            $own = array_values(array_filter($this->plan, static fn (TimedWork $timed): bool => $position === $timed->work->position));
            foreach ($own as $place => $timed) {
                if (Effect::LockoutLifted === self::lastOfLockout($timed)) {
                    $this->askLifted($timed, \array_slice($own, $place + 1));
                }
            }
        }
    }

    /**
     * @param TimedWork       $lifting the work that lifts it
     * @param list<TimedWork> $after   all that comes after it at this engine
     *
     * @throws GateBroken
     */
    private function askLifted(TimedWork $lifting, array $after): void
    {
        $isStarted = $lifting->work->has(Effect::Started);
        $before = $lifting;
        foreach ($after as $timed) {
            if (!$isStarted && !$timed->work->has(Effect::Started)) {
                throw GateBroken::between(Gate::LiftedForStart, $lifting->work, $timed->work);
            }
            if ($timed->startMin > $before->heldEndMin || [] === $timed->sameHands($before)) {
                throw GateBroken::late(Gate::LiftedForStart, $before->work, $timed->work);
            }
            $isStarted = true;
            if (Effect::LockedOut === self::lastOfLockout($timed)) {
                return;
            }
            $before = $timed;
        }
        !$isStarted || throw GateBroken::late(Gate::LiftedForStart, $lifting->work, $before->work);
    }

    /** How a work leaves the lockout; null: as it was. */
    private static function lastOfLockout(TimedWork $timed): ?Effect
    {
        $all = array_values(array_filter(
            $timed->work->changes->effects,
            static fn (Effect $effect): bool => \in_array($effect, [Effect::LockedOut, Effect::Powered, Effect::LockoutLifted], true),
        ));

        return [] === $all ? null : $all[\count($all) - 1];
    }

    /**
     * @param non-empty-list<TimedWork> $run
     *
     * @return array{int, int} minutes
     */
    private static function span(array $run): array
    {
        return [$run[0]->startMin, $run[\count($run) - 1]->heldEndMin];
    }
}
