<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Reading\InvalidDocument;
use Symfony\Component\HttpFoundation\Request;

/** A file sent as the body of a request. */
final readonly class Upload
{
    private const LARGEST_BYTES = 20_000_000;

    /** @throws InvalidDocument if it is empty or larger than 20 MB; a larger one is not even read */
    public static function bytes(Request $request): string
    {
        if ((int) $request->headers->get('Content-Length') > self::LARGEST_BYTES) {
            throw self::tooLarge();
        }
        $bytes = $request->getContent();

        return match (true) {
            \strlen($bytes) > self::LARGEST_BYTES => throw self::tooLarge(),
            '' === $bytes => throw InvalidDocument::at('', 'The file is empty.'),
            default => $bytes,
        };
    }

    public static function tooLarge(): InvalidDocument
    {
        return InvalidDocument::at('', 'This file is larger than 20 MB. Nothing was read from it: split it, or send only what is needed.');
    }
}
