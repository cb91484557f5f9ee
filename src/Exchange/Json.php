<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\InvalidDocument;

/** JSON in and out, one way everywhere, so that the same content gives the same bytes. */
final readonly class Json
{
    public static function encode(mixed $content): string
    {
        return json_encode($content, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function pretty(mixed $content): string
    {
        return json_encode($content, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_PRETTY_PRINT);
    }

    /** Pretty down to a depth, and below it one line for each entry: long documents that people leaf through. */
    public static function outline(mixed $content, int $depth, string $indent = ''): string
    {
        if (0 === $depth || !\is_array($content) || [] === $content) {
            return self::encode($content);
        }
        $isList = array_is_list($content);
        $lines = [];
        foreach ($content as $key => $entry) {
            $lines[] = $indent.'  '.($isList ? '' : self::encode((string) $key).': ').self::outline($entry, $depth - 1, $indent.'  ');
        }

        return ($isList ? '[' : '{')."\n".implode(",\n", $lines)."\n".$indent.($isList ? ']' : '}');
    }

    /** @throws InvalidDocument if the text is no JSON, or is nested too deeply */
    public static function decode(string $text): mixed
    {
        try {
            return json_decode($text, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw InvalidDocument::at('', 'This is not valid JSON: '.lcfirst($error->getMessage()).'.');
        }
    }
}
