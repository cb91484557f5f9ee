<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** The part numbers that the shop knows. */
final readonly class PartsShelf
{
    private Supersession $supersession;

    /** @param array<array-key, ShelfPart> $byNumber */
    private function __construct(private array $byNumber)
    {
        $this->supersession = new Supersession(array_filter(array_map(static fn (ShelfPart $part): ?string => $part->supersededBy, $byNumber), \is_string(...)));
    }

    public static function of(ShelfPart ...$parts): self
    {
        return new self(array_column(array_map(static fn (ShelfPart $part): array => [$part->number, $part], $parts), 1, 0));
    }

    /** @return list<ShelfPart> */
    public function all(): array
    {
        return array_values($this->byNumber);
    }

    public function find(string $number): ?ShelfPart
    {
        return $this->byNumber[$number] ?? null;
    }

    /** @return non-empty-list<string> from the number to the one that took its place in the end */
    public function chain(string $number): array
    {
        return $this->supersession->chain($number);
    }

    /** Another maker's part that may stand in for this number and is there in full; null: none is. */
    public function substitute(string $number, int $count): ?ShelfPart
    {
        foreach ($this->byNumber as $part) {
            if ($number === $part->substituteFor && $part->inStock >= $count) {
                return $part;
            }
        }

        return null;
    }

    /** @return list<ShelfPart> */
    public function kits(): array
    {
        return array_values(array_filter($this->byNumber, static fn (ShelfPart $part): bool => [] !== $part->kit && null === $part->supersededBy));
    }
}
