<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Bench\EngineRelease;

/** An engine is let go. */
final readonly class LetGo implements Detail
{
    public function __construct(public EngineRelease $release)
    {
    }

    public function asText(): string
    {
        return null === $this->release->unfit ? 'released' : 'let go as not fit to run: '.$this->release->unfit;
    }
}
