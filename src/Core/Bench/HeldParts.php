<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** The parts of an order whose numbers somebody has held against the engine that they are for. */
final readonly class HeldParts
{
    /** @param array<string, array<array-key, true>> $held by engine, as the order calls it, and number */
    private function __construct(private array $held)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function with(string $engine, string $number): self
    {
        return new self([...$this->held, $engine => [$number => true] + ($this->held[$engine] ?? [])]);
    }

    /**
     * @param list<string> $numbers
     *
     * @return list<string> those that nobody has held against this engine yet
     */
    public function missing(string $engine, array $numbers): array
    {
        return array_values(array_filter($numbers, fn (string $number): bool => !isset($this->held[$engine][$number])));
    }
}
