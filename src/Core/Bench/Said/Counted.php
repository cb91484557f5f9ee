<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

/** What went in and what came out, in pieces. */
final readonly class Counted implements Detail
{
    public function __construct(public int $in, public int $out)
    {
    }

    public function asText(): string
    {
        return \sprintf('%d in, %d out', $this->in, $this->out);
    }
}
