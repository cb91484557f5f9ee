<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** A part of a frozen order. */
final readonly class IssuedPart
{
    /**
     * @param list<IssuedUse> $uses   where it goes on, in the order of the work
     * @param list<string>    $others numbers in whose place it came, the sheet's among them
     */
    public function __construct(public string $number, public array $uses, private array $others = [])
    {
    }

    /** Whether it is what a sheet calls by this number. */
    public function isCalled(string $number): bool
    {
        return $number === $this->number || \in_array($number, $this->others, true);
    }

    /** @return list<IssuedUse> at one operation */
    private function at(IssuedWork $work, bool $isLaidOut): array
    {
        return array_values(array_filter(
            $this->uses,
            static fn (IssuedUse $use): bool => $use->isOf($work) && $isLaidOut === $use->isLaidOut,
        ));
    }

    /** Whether an operation fits it, as the order has it. */
    public function isFittedBy(IssuedWork $work): bool
    {
        return [] !== $this->at($work, false);
    }

    public function isLaidOutAt(IssuedWork $work): bool
    {
        return [] !== $this->at($work, true);
    }

    /** Pieces that lie ready at an operation; null: nobody knows how many. */
    public function laidOut(IssuedWork $work): ?int
    {
        $counts = array_map(static fn (IssuedUse $use): ?int => $use->count, $this->at($work, true));

        return \in_array(null, $counts, true) ? null : array_sum($counts);
    }
}
