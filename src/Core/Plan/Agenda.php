<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What is still to be done on a walk: what waits for what, and what waits for nothing more but time. */
final class Agenda
{
    /** @var list<int> stretches that wait for nothing more but time, what is worth most first */
    public array $ready = [];
    /** @var array<int, int> minute at which all that each waited for is over, by stretch */
    public array $from;
    /** @var array<int, true> minutes at which something ends */
    public array $moments = [];
    public int $left;
    /** @var array<int, int> how many each still waits for, by stretch */
    private array $waiting;

    /** @param list<int> $worth minutes by stretch */
    public function __construct(private readonly WalkMap $map, private readonly array $worth)
    {
        $this->waiting = $map->waiting;
        $this->left = \count($map->stretches);
        $this->from = array_fill(0, $this->left, 0);
        foreach ($this->waiting as $number => $count) {
            if (0 === $count) {
                $this->addReady($number);
            }
        }
    }

    /** It has begun; hands leave it at one minute, and it is over at another. */
    public function strike(int $number, int $held, int $end): void
    {
        $this->moments[$held] = $this->moments[$end] = true;
        array_splice($this->ready, (int) array_search($number, $this->ready, true), 1);
        --$this->left;
        foreach ($this->map->behind[$number] as $other) {
            $this->from[$other] = max($this->from[$other], $end);
            if (0 === --$this->waiting[$other]) {
                $this->addReady($other);
            }
        }
    }

    private function addReady(int $number): void
    {
        $place = \count($this->ready);
        while ($place > 0 && $this->isWorthLess($this->ready[$place - 1], $number)) {
            --$place;
        }
        array_splice($this->ready, $place, 0, [$number]);
    }

    private function isWorthLess(int $other, int $number): bool
    {
        return $this->worth[$other] < $this->worth[$number] || ($this->worth[$other] === $this->worth[$number] && $other > $number);
    }
}
