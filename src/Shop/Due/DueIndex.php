<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

/** The days of all engines, kept so that the board finds what presses without judging every engine. */
interface DueIndex
{
    /**
     * Nobody else works these engines out until the unit of work ends, so that the later one sees what the earlier one
     * was about.
     *
     * @param list<int> $engineIds
     */
    public function lock(array $engineIds): void;

    /**
     * Keeps them in place of what was kept of these engines, which are then up to date.
     *
     * @param list<EngineDays> $days
     */
    public function put(array $days, \DateTimeImmutable $at): void;

    /** @param list<int> $engineIds */
    public function forget(array $engineIds): void;

    /**
     * All engines of these models have to be worked out anew.
     *
     * @param list<string>|null $models all if null
     */
    public function markStale(?array $models): void;

    public function stale(): int;

    /** @return list<int> some of those that have to be worked out anew */
    public function nextStale(int $most): array;

    /**
     * How many engines have their first such day from the second to the third, both included; from the beginning if
     * that is null.
     *
     * @param array{DueKind, \DateTimeImmutable|null, \DateTimeImmutable} ...$asked
     *
     * @return list<int> in the order in which they were asked for
     */
    public function counts(array ...$asked): array;

    /**
     * @param \DateTimeImmutable|null $from the beginning if null
     *
     * @return list<EngineDays> by their first such day, the earliest first
     */
    public function between(DueKind $kind, ?\DateTimeImmutable $from, \DateTimeImmutable $to, int $skip, int $most): array;

    /**
     * @param list<int> $engineIds
     *
     * @return list<EngineDays> of those that are kept
     */
    public function of(array $engineIds): array;
}
