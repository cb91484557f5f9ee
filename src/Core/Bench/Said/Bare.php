<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

/** The kind of the entry says it all. */
final readonly class Bare implements Detail
{
    public function __construct(private string $text)
    {
    }

    public function asText(): string
    {
        return $this->text;
    }
}
