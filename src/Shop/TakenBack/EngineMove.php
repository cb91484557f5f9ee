<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** Engines that changed their places together. */
final readonly class EngineMove
{
    /** @param non-empty-list<Moved> $engines */
    public function __construct(public int $id, public array $engines, public string $by, public \DateTimeImmutable $at)
    {
    }
}
