<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * The works of one engine, each behind all that it waits for, and moved by hand as far as that allows. A wish that
 * would make works wait for each other in a circle is left out.
 */
final class HandOrder
{
    /** @var list<HandMove> wishes that are met, and what follows from them for the run that warms */
    public array $kept = [];

    /**
     * @param list<PlannedWork> $works
     * @param list<list<int>>   $before by place: the places that it waits for
     */
    private function __construct(public array $works, public array $before)
    {
    }

    /**
     * @param list<PlannedWork> $works
     * @param list<list<int>>   $before by place: the places that it waits for
     * @param list<HandMove>    $moves  the earlier ones have precedence
     */
    public static function of(array $works, array $before, array $moves): self
    {
        $order = new self($works, $before);
        foreach ($moves as $move) {
            $order->move($move);
        }
        if ([] !== $order->kept) {
            $order->sort();
        }

        return $order;
    }

    private function move(HandMove $move): void
    {
        $work = $this->find($move->work);
        $other = $this->find($move->before);
        if (null === $work || null === $other || $this->waitsFor($work, $other)) {
            return;
        }
        $this->before[$other][] = $work;
        $this->kept[] = $move;
        $this->beforeWarmUp($work);
    }

    /** What was moved before the open drain is moved before the run that warms, or the oil would cool meanwhile. */
    private function beforeWarmUp(int $work): void
    {
        $warmUp = array_keys(array_filter($this->works, static fn (PlannedWork $each): bool => $each->has(Effect::Started) && $each->has(Effect::Stopped)))[0] ?? null;
        if (null === $warmUp || $this->waitsFor($work, $warmUp)) {
            return;
        }
        foreach ($this->works as $place => $each) {
            if ($each->warm && $this->waitsFor($place, $work)) {
                $this->before[$warmUp][] = $work;
                $this->kept[] = new HandMove($this->works[$work]->id, $this->works[$warmUp]->id);

                return;
            }
        }
    }

    private function find(string $id): ?int
    {
        return array_keys(array_filter($this->works, static fn (PlannedWork $work): bool => $id === $work->id))[0] ?? null;
    }

    /** Whether one is the other or waits for it, be it by way of others. */
    private function waitsFor(int $place, int $other): bool
    {
        $open = [$place];
        $seen = [];
        while ([] !== $open) {
            $next = array_pop($open);
            if ($next === $other) {
                return true;
            }
            $seen[$next] = true;
            $open = [...$open, ...array_filter($this->before[$next], static fn (int $each): bool => !isset($seen[$each]))];
        }

        return false;
    }

    /** The earliest of those that may come next comes next. */
    private function sort(): void
    {
        $order = [];
        while (\count($order) < \count($this->works)) {
            foreach ($this->before as $place => $waitsFor) {
                if (!isset($order[$place]) && [] === array_diff($waitsFor, array_keys($order))) {
                    $order[$place] = \count($order);
                    break;
                }
            }
        }
        $before = $this->before;
        $works = $this->works;
        $this->works = array_map(static fn (int $place): PlannedWork => $works[$place], array_keys($order));
        $this->before = array_map(static fn (int $place): array => array_values(array_map(static fn (int $other): int => $order[$other], array_unique($before[$place]))), array_keys($order));
    }
}
