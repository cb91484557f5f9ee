<?php

declare(strict_types=1);

namespace FreshTack\Shop\Press;

/** What came back. */
final readonly class Answer
{
    /** @param int $status of HTTP */
    public function __construct(public int $status, public string $body)
    {
    }

    public function isGood(): bool
    {
        return $this->status < 300;
    }
}
