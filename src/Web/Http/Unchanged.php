<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;

/** For what is asked again and again: 304, with nothing in it, to whoever has this very answer already. */
final readonly class Unchanged
{
    public static function unless(Request $request, JsonResponse $answer): JsonResponse
    {
        $answer->setEtag(hash('xxh128', (string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }
}
