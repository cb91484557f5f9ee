<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

/** What fits, by number, the best first; of each kind no more than the search looks at. */
final readonly class Found
{
    /**
     * @param list<int> $boats
     * @param list<int> $customers
     * @param list<int> $engines   in store
     */
    public function __construct(public array $boats, public array $customers, public array $engines)
    {
    }

    public function isEmpty(): bool
    {
        return 0 === $this->count();
    }

    public function count(): int
    {
        return \count($this->boats) + \count($this->customers) + \count($this->engines);
    }
}
