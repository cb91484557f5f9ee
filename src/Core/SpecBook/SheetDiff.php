<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Two revisions side by side, value by value. */
final readonly class SheetDiff
{
    /** @return list<Difference> every value that either has, in the order of the fields */
    public static function between(SpecSheet $older, SpecSheet $newer): array
    {
        $differences = [];
        foreach (SheetField::cases() as $field) {
            [$before, $after] = [$older->entered($field), $newer->entered($field)];
            if (null !== $before || null !== $after) {
                $differences[] = new Difference($field, $before, $after);
            }
        }

        return $differences;
    }

    /** @return list<Difference> those whose figure differs; another page for the same figure is none */
    public static function changes(SpecSheet $older, SpecSheet $newer): array
    {
        return array_values(array_filter(self::between($older, $newer), static fn (Difference $difference): bool => $difference->isChange()));
    }
}
