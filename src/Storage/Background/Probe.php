<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

/** @see ProbeWorker */
final readonly class Probe
{
    public function __construct(public string $token)
    {
    }
}
