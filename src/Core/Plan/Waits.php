<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * What waits for what: numbers from 0, and for each those that must be over before it. The one place in which a plan
 * sorts, and asks what lies behind what.
 */
final class Waits
{
    /** @var list<array<int, true>> by number: those that it waits for */
    private array $before;
    /** @var list<array<int, true>> by number: those that wait for it */
    private array $behind;

    public function __construct(int $count)
    {
        $this->before = $this->behind = array_fill(0, $count, []);
    }

    /** @param list<list<int>> $before by number */
    public static function of(array $before): self
    {
        $waits = new self(\count($before));
        foreach ($before as $number => $others) {
            foreach ($others as $other) {
                $waits->add($other, $number);
            }
        }

        return $waits;
    }

    /** A number never waits for itself. */
    public function add(int $first, int $second): void
    {
        if ($first !== $second) {
            $this->before[$second][$first] = true;
            $this->behind[$first][$second] = true;
        }
    }

    /** @return list<int> */
    public function before(int $number): array
    {
        return array_keys($this->before[$number]);
    }

    /** @return list<int> */
    public function behind(int $number): array
    {
        return array_keys($this->behind[$number]);
    }

    public function count(): int
    {
        return \count($this->before);
    }

    /** Whether one waits for the other, be it by way of others, or is it. */
    public function waitsFor(int $number, int $other): bool
    {
        return isset($this->all($number)[$other]);
    }

    /** @return array<int, true> the number itself and all that it waits for, by way of others too */
    public function all(int $number): array
    {
        return $this->reached($number, $this->before);
    }

    /** @return array<int, true> the number itself and all that wait for it, by way of others too */
    public function allBehind(int $number): array
    {
        return $this->reached($number, $this->behind);
    }

    /**
     * Each behind all that it waits for; of those that could come next the lowest number. What waits in a circle, or
     * for such, is left out.
     *
     * @return list<int>
     */
    public function order(): array
    {
        $waiting = array_map(\count(...), $this->before);
        $ready = array_fill_keys(array_keys($waiting, 0, true), true);
        $order = [];
        while ([] !== $ready) {
            $next = min(array_keys($ready));
            unset($ready[$next]);
            $order[] = $next;
            foreach ($this->behind[$next] as $other => $_) {
                if (0 === --$waiting[$other]) {
                    $ready[$other] = true;
                }
            }
        }

        return $order;
    }

    /** @return list<int> what waits in a circle, or for such */
    public function circle(): array
    {
        return array_values(array_diff(array_keys($this->before), $this->order()));
    }

    /**
     * The longest chain of others that comes after each.
     *
     * @param list<int> $lengths
     *
     * @return list<int> by number, without its own length
     */
    public function tails(array $lengths): array
    {
        return self::chains(array_reverse($this->order()), $this->behind, $lengths);
    }

    /**
     * The longest chain of others that comes before each.
     *
     * @param list<int> $lengths
     *
     * @return list<int> by number, without its own length
     */
    public function heads(array $lengths): array
    {
        return self::chains($this->order(), $this->before, $lengths);
    }

    /**
     * @param list<int>             $order
     * @param list<array<int, true>> $earlier
     * @param list<int>             $lengths
     *
     * @return list<int>
     */
    private static function chains(array $order, array $earlier, array $lengths): array
    {
        $chains = array_fill(0, \count($earlier), 0);
        foreach ($order as $number) {
            foreach ($earlier[$number] as $other => $_) {
                $chains[$number] = max($chains[$number], $chains[$other] + $lengths[$other]);
            }
        }

        return array_values($chains);
    }

    /**
     * @param list<array<int, true>> $edges
     *
     * @return array<int, true>
     */
    private function reached(int $from, array $edges): array
    {
        $reached = [$from => true];
        $open = [$from];
        while ([] !== $open) {
            $number = array_pop($open);
            foreach ($edges[$number] ?? [] as $other => $_) {
                if (!isset($reached[$other])) {
                    $reached[$other] = true;
                    $open[] = $other;
                }
            }
        }

        return $reached;
    }
}
