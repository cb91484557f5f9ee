<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

final readonly class ChangedDraft
{
    /** @param non-empty-list<string> $differences in plain words */
    public function __construct(public int $number, public string $boat, public array $differences)
    {
    }
}
