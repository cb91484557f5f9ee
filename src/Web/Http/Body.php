<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use Symfony\Component\HttpFoundation\Request;

/** The JSON body of a request, read once, all its flaws at once. */
final readonly class Body
{
    private const LARGEST_BYTES = 1_000_000;

    /**
     * @template T
     *
     * @param \Closure(Cursor): T $read
     *
     * @return T
     *
     * @throws InvalidDocument if it is no JSON, too large, or anything in it is wrong
     */
    public static function read(Request $request, \Closure $read): mixed
    {
        $text = $request->getContent();
        if (\strlen($text) > self::LARGEST_BYTES) {
            throw InvalidDocument::at('', 'This is larger than 1 MB. Send it in parts.');
        }
        $cursor = Cursor::over(Json::read($text));
        $cursor->keys();
        $result = $read($cursor);
        $cursor->flaws->throwIfAny();

        return $result;
    }
}
