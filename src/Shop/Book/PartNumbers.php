<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** The part numbers that a document names, with the places where they stand. */
final readonly class PartNumbers
{
    /**
     * @param array<mixed> $document a sheet, or a list of them
     *
     * @return array<string, string> numbers by JSON pointer
     */
    public static function in(array $document, string $pointer = ''): array
    {
        $found = [];
        foreach ($document as $key => $value) {
            $here = $pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            if (\is_string($value) && \in_array($key, ['part', 'seal'], true) && '' !== $value) {
                $found[$here] = $value;
            } elseif (\is_array($value)) {
                $found = [...$found, ...self::in($value, $here)];
            }
        }

        return $found;
    }
}
