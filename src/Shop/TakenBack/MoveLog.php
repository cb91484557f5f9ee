<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use Psr\Clock\ClockInterface;

/** Writes down what was moved together, with who and when, so that it can be taken back. */
final readonly class MoveLog
{
    public function __construct(private Moves $moves, private ClockInterface $clock)
    {
    }

    public function add(string $by, Moved ...$engines): void
    {
        $this->moves->add($by, $this->clock->now(), ...$engines);
    }

    public function last(int $engineId): ?EngineMove
    {
        return $this->moves->last($engineId);
    }

    public function undo(EngineMove $move, string $why, string $by): void
    {
        $this->moves->undo($move, new Strike($by, $this->clock->now(), $why));
    }
}
