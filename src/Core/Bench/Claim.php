<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** Somebody has taken on an engine, or one operation. */
final readonly class Claim
{
    /**
     * @param string $of the position of the engine, or the id of the operation
     * @param string $by user name
     */
    public function __construct(public string $of, public string $by, public \DateTimeImmutable $at)
    {
    }
}
