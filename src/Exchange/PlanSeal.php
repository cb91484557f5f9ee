<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** What a plan goes by, from the writer's screen to the issued order: the work, its order, and who does it when. */
final readonly class PlanSeal
{
    /**
     * @param array<string, mixed> $document a work order with its timeline
     *
     * @return string SHA-256 in hexadecimal; what is in stock and what it costs is no part of it
     */
    public static function of(array $document): string
    {
        return hash('sha256', Json::encode(['operations' => $document['operations'] ?? [], 'timeline' => $document['timeline'] ?? null]));
    }
}
