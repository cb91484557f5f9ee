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

    /** As people write it: case, blanks, dashes and points don't matter. Null if it can't be one of this model's. */
    public function serial(string $text): ?SerialNumber
    {
        $typed = self::bare($text);
        foreach ($this->serialPrefixes as $prefix) {
            if (1 === preg_match(\sprintf('/^%s(\d{%d})$/', preg_quote(self::bare($prefix), '/'), $this->serialDigits), $typed, $part)) {
                return new SerialNumber($prefix, (int) $part[1]);
            }
        }

        return null;
    }

    /** As it stands on the plate: `ks4 10412` is `KS4-10412`. Null if it can't be one of this model's. */
    public function onPlate(string $text): ?string
    {
        $serial = $this->serial($text);

        return null === $serial ? null : $serial->prefix.str_pad((string) $serial->number, $this->serialDigits, '0', \STR_PAD_LEFT);
    }

    private static function bare(string $text): string
    {
        return strtoupper((string) preg_replace('/[\s.\-\x{2010}-\x{2015}\/]+/u', '', $text));
    }

    public function serialShape(): string
    {
        return implode(' or ', array_map(fn (string $prefix): string => \sprintf('%s and %d digits', $prefix, $this->serialDigits), $this->serialPrefixes));
    }
}
