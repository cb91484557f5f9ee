<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** A sheet's document as text, one way everywhere: exporting what was imported gives the same bytes. */
final readonly class SheetDocument
{
    private const ORDER = ['format', 'id', 'revision', 'status', 'author', 'reviewer', 'family', 'base', 'confirms', 'note', 'appliesTo', 'sources', 'values'];

    /** @param array<mixed> $document */
    public static function text(array $document): string
    {
        $ordered = [];
        foreach (self::ORDER as $key) {
            if (\array_key_exists($key, $document)) {
                $ordered[$key] = $document[$key];
            }
        }
        foreach (['sources', 'values'] as $key) {
            $ordered[$key] = (object) (\is_array($document[$key] ?? null) ? $document[$key] : []);
        }

        return Json::pretty($ordered)."\n";
    }
}
