<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A wish that can't be met, and what stands against it. */
final readonly class RefusedMove
{
    /** @param Gate|null $gate null: no gate, but the procedure or another wish */
    public function __construct(public HandMove $move, public ?Gate $gate, public string $why)
    {
    }
}
