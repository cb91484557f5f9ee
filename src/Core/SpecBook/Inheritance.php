<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/**
 * Puts a family sheet's values under those of a sheet that names it as its base, so that one document says it all.
 * The sheet's own values win. A safety-relevant family value that the sheet does not confirm comes along marked as
 * not confirmed, and can't be used.
 */
final readonly class Inheritance
{
    private const APART = '@';

    /**
     * @param array<mixed> $sheet  a valid sheet document
     * @param array<mixed> $family the valid document of the base that it names
     *
     * @return array<mixed> a valid sheet document
     */
    public static function flatten(array $sheet, array $family): array
    {
        $name = \sprintf('%s rev. %d', self::text($family['id'] ?? null), \is_int($family['revision'] ?? null) ? $family['revision'] : 0);
        $confirms = self::map($sheet['confirms'] ?? []);
        $values = self::map($sheet['values'] ?? []);
        $sources = self::map($sheet['sources'] ?? []);
        foreach (self::map($family['values'] ?? []) as $path => $value) {
            $field = SheetField::tryFrom((string) $path);
            if (null !== $field && \is_array($value) && !isset($values[$path])) {
                $values[$path] = self::inherited($value, $name, \in_array($path, $confirms, true) || !$field->kind()->isSafetyRelevant());
            }
        }
        foreach (self::map($family['sources'] ?? []) as $key => $source) {
            $sources[self::APART.$key] = $source;
        }

        return [...$sheet, 'sources' => $sources, 'values' => $values];
    }

    /**
     * @param array<mixed> $value
     *
     * @return array<mixed>
     */
    private static function inherited(array $value, string $from, bool $confirmed): array
    {
        $source = $value['source'] ?? null;

        return [...$value, 'source' => \is_string($source) ? self::APART.$source : null, 'from' => $from, 'confirmed' => $confirmed];
    }

    /** @return array<mixed> */
    private static function map(mixed $value): array
    {
        return \is_array($value) ? $value : [];
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
