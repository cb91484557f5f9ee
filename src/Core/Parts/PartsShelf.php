<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** The part numbers that the shop knows. */
final readonly class PartsShelf
{
    /** @param array<string, ShelfPart> $byNumber */
    private function __construct(private array $byNumber)
    {
    }

    public static function of(ShelfPart ...$parts): self
    {
        return new self(array_column(array_map(static fn (ShelfPart $part): array => [$part->number, $part], $parts), 1, 0));
    }

    public function find(string $number): ?ShelfPart
    {
        return $this->byNumber[$number] ?? null;
    }
}
