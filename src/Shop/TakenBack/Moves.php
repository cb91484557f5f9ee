<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** Engines that were hung, taken off or swapped. */
interface Moves
{
    public function add(string $by, \DateTimeImmutable $at, Moved ...$engines): void;

    /** The last one in which this engine took part, unless it was taken back. */
    public function last(int $engineId): ?EngineMove;

    /** Lets every engine hang where it hung before, as if it had never moved. */
    public function undo(EngineMove $move, Strike $strike): void;
}
