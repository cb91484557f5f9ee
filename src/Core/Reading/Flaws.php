<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

/** Collects what is wrong while a document is read to its end. */
final class Flaws
{
    /** @var list<Flaw> */
    private array $found = [];

    public function has(string $pointer): bool
    {
        return \in_array($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $this->found), true);
    }

    public function add(string $pointer, string $message): void
    {
        $this->found[] = new Flaw($pointer, $message);
    }

    /** @throws InvalidDocument if anything was found */
    public function throwIfAny(): void
    {
        if ([] !== $this->found) {
            throw InvalidDocument::because(...$this->found);
        }
    }
}
