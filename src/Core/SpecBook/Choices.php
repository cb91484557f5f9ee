<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Several of a field's options. */
final readonly class Choices
{
    /** @param non-empty-list<string> $chosen each once, in the order of the options */
    public function __construct(public array $chosen)
    {
    }

    public function has(string $option): bool
    {
        return \in_array($option, $this->chosen, true);
    }

    public function text(): string
    {
        return str_replace('_', ' ', implode(', ', $this->chosen));
    }
}
