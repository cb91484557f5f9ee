<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** The ways in which a boat is used that wear an engine sooner. */
final readonly class HardUses
{
    /** @param list<HardUse> $uses */
    public function __construct(public array $uses)
    {
    }

    /** @param list<HardUse> $asked */
    public function meetAny(array $asked): bool
    {
        return [] !== $this->among($asked);
    }

    /**
     * @param list<HardUse> $asked
     *
     * @return list<HardUse>
     */
    public function among(array $asked): array
    {
        return array_values(array_filter($asked, fn (HardUse $use): bool => \in_array($use, $this->uses, true)));
    }
}
