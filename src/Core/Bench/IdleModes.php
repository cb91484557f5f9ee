<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineState;
use FreshTack\Core\Plan\Position;

/** Turns and lockouts between which nothing is left to be done: an engine would come back to where it was. */
final class IdleModes
{
    private Attitude $attitude;
    private Effect $lockout = Effect::LockoutLifted;
    /** @var list<array{IssuedWork, Attitude, Effect}> in a row, each with how the engine hangs and is secured before it */
    private array $row = [];
    /** @var list<IssuedWork> */
    private array $idle = [];

    private function __construct()
    {
        $this->attitude = EngineState::onArrival()->attitude;
    }

    /**
     * @param array<string, EntryContent> $answers by step
     *
     * @return list<IssuedWork> of one engine, not begun
     */
    public static function of(IssuedOrder $order, RigAtBench $rig, array $answers, Position $position): array
    {
        $modes = new self();
        foreach ($order->all as $work) {
            $hasBegun = $rig->hasBegun($work);
            $isSettled = !$hasBegun && $work->isOver($answers);
            if (!\in_array($work->work->position, [null, $position], true) || $isSettled) {
                continue;
            }
            $modes->take($work, null !== $work->work->position && !$hasBegun && $work->isMode());
        }

        return $modes->idle;
    }

    private function take(IssuedWork $work, bool $mayBeIdle): void
    {
        if (!$mayBeIdle) {
            $this->row = [];
            $this->after($work);

            return;
        }
        $this->row[] = [$work, $this->attitude, $this->lockout];
        $this->after($work);
        foreach ($this->row as $place => [, $attitude, $lockout]) {
            if ($attitude === $this->attitude && $lockout === $this->lockout) {
                array_push($this->idle, ...array_column(\array_slice($this->row, $place), 0));
                $this->row = \array_slice($this->row, 0, $place);
            }
        }
    }

    private function after(IssuedWork $work): void
    {
        foreach ($work->work->changes->effects as $effect) {
            $this->attitude = $effect->attitude() ?? $this->attitude;
            $isLockout = \in_array($effect, [Effect::LockedOut, Effect::Powered, Effect::LockoutLifted], true);
            $this->lockout = $isLockout ? $effect : $this->lockout;
        }
    }
}
