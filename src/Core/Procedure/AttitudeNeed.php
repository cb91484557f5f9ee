<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Attitude;

/** How the engine must hang: a word, or the path of the sheet's value that says it, or that any way will do; or nothing is said. */
final readonly class AttitudeNeed
{
    private function __construct(public ?Attitude $attitude, public ?string $from, public bool $isSaid)
    {
    }

    public static function as(Attitude $attitude): self
    {
        return new self($attitude, null, true);
    }

    public static function from(string $path): self
    {
        return new self(null, $path, true);
    }

    public static function any(): self
    {
        return new self(null, null, true);
    }

    public static function unsaid(): self
    {
        return new self(null, null, false);
    }

    /** Null: any way, or the sheet does not say. */
    public function in(EngineFacts $facts): ?Attitude
    {
        return $this->attitude ?? (null === $this->from ? null : Attitude::tryFrom($facts->raw($this->from) ?? ''));
    }
}
