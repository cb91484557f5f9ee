<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Reading\Flaw;
use Symfony\Component\HttpFoundation\JsonResponse;

/** Problem details (RFC 9457): the key, one sentence with the remedy, and what is wrong at which field. */
final readonly class Problem
{
    /**
     * @param list<Flaw>           $errors
     * @param array<string, mixed> $more
     */
    public static function of(int $status, string $key, string $detail, array $errors = [], array $more = []): JsonResponse
    {
        $body = ['type' => 'urn:fresh-tack:'.$key, 'title' => self::title($status), 'status' => $status, 'detail' => $detail];
        if ([] !== $errors) {
            $body['errors'] = array_map(static fn (Flaw $flaw): array => ['pointer' => $flaw->pointer, 'detail' => $flaw->message], $errors);
        }

        return new JsonResponse([...$body, ...$more], $status, ['Content-Type' => 'application/problem+json']);
    }

    /** Nothing is wrong with what was asked; it can be asked again later. */
    public static function away(string $key, string $detail, int $retryAfterSeconds): JsonResponse
    {
        $answer = self::of(503, $key, $detail);
        $answer->headers->set('Retry-After', (string) $retryAfterSeconds);

        return $answer;
    }

    private static function title(int $status): string
    {
        return match ($status) {
            400, 422 => 'Something in it has to be mended',
            401 => 'Not signed in',
            403 => 'Not allowed',
            404 => 'Not found',
            405 => 'Not possible here',
            409 => 'Changed meanwhile',
            413 => 'Too large',
            429 => 'Slow down',
            502 => 'Something outside does not answer',
            503 => 'Not there just now',
            default => 'Something broke on our side',
        };
    }
}
