<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Somebody's wish that one work be done before another of the same engine, by their ids. */
final readonly class HandMove
{
    public function __construct(public string $work, public string $before)
    {
    }
}
