<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class LevelAdvice
{
    public function __construct(public Advice $advice, public int $waitMin, public int $amountMl, public string $reason)
    {
    }
}
