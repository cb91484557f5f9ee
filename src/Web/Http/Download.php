<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** A file to take away. */
final readonly class Download
{
    public static function of(string $bytes, string $type, string $name): Response
    {
        return new Response($bytes, Response::HTTP_OK, ['Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name)]);
    }
}
