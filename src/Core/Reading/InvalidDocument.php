<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

use FreshTack\Core\ExpectedError;

/** A document that can't be used, with everything that is wrong in it, not just the first. */
final class InvalidDocument extends \DomainException implements ExpectedError
{
    /** @param non-empty-list<Flaw> $flaws */
    private function __construct(public readonly array $flaws, private readonly string $errorKey)
    {
        parent::__construct(implode("\n", array_map(static fn (Flaw $flaw): string => ('' === $flaw->pointer ? '/' : $flaw->pointer).': '.$flaw->message, $flaws)));
    }

    public static function because(Flaw $first, Flaw ...$more): self
    {
        return new self([$first, ...array_values($more)], 'document.invalid');
    }

    public static function at(string $pointer, string $message): self
    {
        return new self([new Flaw($pointer, $message)], 'document.invalid');
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
