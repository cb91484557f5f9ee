<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A model code that the book knows, and how its serial numbers are written: one of the prefixes, then digits. */
final readonly class EngineModel
{
    /** @param non-empty-list<string> $serialPrefixes */
    public function __construct(public string $code, public string $maker, public Cycle $cycle, public array $serialPrefixes, public int $serialDigits)
    {
    }

    /** Null if the text is not written as this model's serial numbers are. */
    public function serial(string $text): ?SerialNumber
    {
        foreach ($this->serialPrefixes as $prefix) {
            if (1 === preg_match(\sprintf('/^%s(\d{%d})$/', preg_quote($prefix, '/'), $this->serialDigits), $text, $part)) {
                return new SerialNumber($prefix, (int) $part[1]);
            }
        }

        return null;
    }

    public function serialShape(): string
    {
        return implode(' or ', array_map(fn (string $prefix): string => \sprintf('%s and %d digits', $prefix, $this->serialDigits), $this->serialPrefixes));
    }
}
