<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** Which number took the place of which: an old number leads through a chain to the one that is current. */
final readonly class Supersession
{
    /** @param array<array-key, string> $newer by older number; one of digits only is an integer as a key */
    public function __construct(private array $newer)
    {
    }

    /**
     * From a number to the current one, both included; the number alone if nothing took its place.
     *
     * @return non-empty-list<string> cut off where it would begin again
     */
    public function chain(string $number): array
    {
        $chain = [$number];
        $seen = [$number => true];
        while (isset($this->newer[$number]) && !isset($seen[$this->newer[$number]])) {
            $number = $this->newer[$number];
            $chain[] = $number;
            $seen[$number] = true;
        }

        return $chain;
    }

    /**
     * Numbers that lead back to themselves.
     *
     * @return list<string> in the order in which they stand
     */
    public function loops(): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->newer)), function (string $number): bool {
            $chain = $this->chain($number);

            return $number === ($this->newer[$chain[\count($chain) - 1]] ?? null);
        }));
    }
}
