<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** A piece of work: hands on for a while, then going on by itself without a break. */
final readonly class Activity
{
    /**
     * @param int                $attendedMin   minutes, hands on
     * @param int                $unattendedMin minutes right after them
     * @param array<int|string, int> $needs         by resource: held while hands are on
     * @param array<int|string, int> $holds         by resource: held throughout
     * @param list<string>       $after         ids of what must have ended before it begins
     */
    public function __construct(public string $id, public int $attendedMin, public int $unattendedMin, public array $needs, public array $holds, public array $after)
    {
    }

    public function lengthMin(): int
    {
        return $this->attendedMin + $this->unattendedMin;
    }

    /** What it takes of a resource while hands are on; it never takes more afterwards. */
    public function demand(string $resource): int
    {
        return ($this->needs[$resource] ?? 0) + ($this->holds[$resource] ?? 0);
    }
}
