<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

/** From which status to which; a subject that is new comes from none. */
final readonly class Move
{
    private function __construct(public ?string $from, public string $to)
    {
    }

    public static function between(string $from, string $to): self
    {
        return new self($from, $to);
    }

    public static function into(string $to): self
    {
        return new self(null, $to);
    }
}
