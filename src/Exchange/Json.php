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

    /**
     * What somebody sent or wrote: held more strictly than what we wrote ourselves.
     *
     * @throws InvalidDocument if the text is no JSON, is nested too deeply, names a key twice or a number without measure
     */
    public static function read(string $text): mixed
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw InvalidDocument::at('', 'This is not written in UTF-8. Save it in that encoding, and send it again.');
        }

        try {
            $read = self::decode($text);
        } catch (InvalidDocument $error) {
            JsonText::check($text);

            throw $error;
        }
        if (JsonText::mayRepeatKeys($text, $read)) {
            JsonText::check($text);
        }
        if (!self::isFinite($read)) {
            throw InvalidDocument::at('', 'There is a number in it that is larger than any that can be written. Correct it.');
        }

        return $read;
    }

    private static function isFinite(mixed $read): bool
    {
        return \is_array($read) ? !\in_array(false, array_map(self::isFinite(...), $read), true) : !\is_float($read) || is_finite($read);
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
