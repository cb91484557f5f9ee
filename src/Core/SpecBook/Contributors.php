<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Who has a hand in a revision: its author, and whoever entered a value that the revision before does not have so. */
final readonly class Contributors
{
    /**
     * @param array<mixed>      $document a valid sheet document
     * @param array<mixed>|null $previous that of the revision before; null if there is none
     *
     * @return list<string> names, each once
     */
    public static function of(array $document, ?array $previous): array
    {
        $before = \is_array($previous['values'] ?? null) ? $previous['values'] : [];
        $names = [$document['author'] ?? null];
        foreach (\is_array($document['values'] ?? null) ? $document['values'] : [] as $path => $value) {
            if (\is_array($value) && ($before[$path] ?? null) !== $value) {
                $names[] = $value['by'] ?? null;
            }
        }

        return array_values(array_unique(array_filter($names, \is_string(...))));
    }
}
