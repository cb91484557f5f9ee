<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Somebody's wish that one work be done before another. */
final readonly class HandMove
{
    public function __construct(public WorkId $work, public WorkId $before)
    {
    }
}
