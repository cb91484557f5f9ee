<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

/** A note, or a decision. */
final readonly class Words implements Detail
{
    /** @param string $beginning what a record puts before them */
    public function __construct(public string $text, private string $beginning = '')
    {
    }

    public function asText(): string
    {
        return $this->beginning.$this->text;
    }
}
