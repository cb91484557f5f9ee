<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\Position;

/** Which of the steps that are still open comes first for something: what a refusal names as the thing to do. */
final readonly class OpenSteps
{
    /** @var array<string, array<string, int>> place in the order, by engine and what the step does */
    private array $first;

    /** @param \Closure(BenchStep): bool $isDone */
    public function __construct(private IssuedOrder $order, \Closure $isDone)
    {
        $first = [];
        foreach ($order->steps as $place => $step) {
            if ($isDone($step)) {
                continue;
            }
            foreach ($this->deeds($step) as $deed) {
                $first[$step->position->value ?? ''][$deed] ??= $place;
            }
        }
        $this->first = $first;
    }

    public function meeting(Position $position, Gate $gate): ?BenchStep
    {
        return $this->find($position, 'meets '.$gate->value);
    }

    /** Which brings one of these about. */
    public function doing(Position $position, Effect ...$any): ?BenchStep
    {
        return $this->find($position, ...array_map(static fn (Effect $effect): string => 'does '.$effect->value, $any));
    }

    public function opening(Position $position, Opening $opening): ?BenchStep
    {
        return $this->find($position, 'opens '.$opening->value);
    }

    public function closing(Position $position, Opening $opening): ?BenchStep
    {
        return $this->find($position, 'closes '.$opening->value);
    }

    /** Of an operation. */
    public function of(IssuedWork $work): ?BenchStep
    {
        $place = $this->first[$work->work->position->value ?? '']['of '.$work->work->id->text] ?? null;

        return null === $place ? null : $this->order->steps[$place];
    }

    /** @return list<string> */
    private function deeds(BenchStep $step): array
    {
        $work = $this->order->workOf($step)->work;
        $deeds = ['of '.$work->id->text];
        foreach ($step->effects as $effect) {
            $deeds[] = 'does '.$effect->value;
            foreach ($effect->meets() as $gate) {
                $deeds[] = 'meets '.$gate->value;
            }
        }
        $opens = null === $work->changes->opens ? [] : ['opens '.$work->changes->opens->value];
        $closes = null === $work->changes->closes ? [] : ['closes '.$work->changes->closes->value];

        return [...$deeds, ...$opens, ...$closes];
    }

    private function find(Position $position, string ...$deeds): ?BenchStep
    {
        $places = [];
        foreach ([$position->value, ''] as $where) {
            foreach ($deeds as $deed) {
                $places[] = $this->first[$where][$deed] ?? \PHP_INT_MAX;
            }
        }
        $place = [] === $places ? \PHP_INT_MAX : min($places);

        return $this->order->steps[$place] ?? null;
    }
}
