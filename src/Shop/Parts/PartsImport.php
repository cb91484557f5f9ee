<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

final readonly class PartsImport
{
    /**
     * @param list<PartChange> $changes
     * @param int              $same    rows that change nothing
     */
    public function __construct(public array $changes, public int $same)
    {
    }

    /** @return list<PartChange> */
    public function added(): array
    {
        return array_values(array_filter($this->changes, static fn (PartChange $change): bool => null === $change->before));
    }
}
