<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

/** Collects what is wrong while a document is read to its end. One thing that is wrong is told once. */
final class Flaws
{
    /** @var array<string, Flaw> by pointer and message */
    private array $found = [];
    /** @var array<string, true> pointers of what is something else altogether */
    private array $whole = [];

    public function add(string $pointer, string $message): void
    {
        $this->found["$pointer $message"] = new Flaw($pointer, $message);
    }

    /** What was expected here is not here at all: whatever is missing inside of it goes without saying. */
    public function addWhole(string $pointer, string $message): void
    {
        $this->add($pointer, $message);
        $this->whole[$pointer] = true;
    }

    public function has(string $pointer): bool
    {
        return \in_array($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, array_values($this->found)), true);
    }

    /** @throws InvalidDocument if anything was found */
    public function throwIfAny(): void
    {
        $told = array_values(array_filter($this->found, fn (Flaw $flaw): bool => !$this->isInside($flaw->pointer)));
        if ([] !== $told) {
            throw InvalidDocument::because(...$told);
        }
    }

    private function isInside(string $pointer): bool
    {
        while ('' !== $pointer) {
            $pointer = substr($pointer, 0, (int) strrpos($pointer, '/'));
            if (isset($this->whole[$pointer])) {
                return true;
            }
        }

        return false;
    }
}
