<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Exactly one sheet, or a refusal: never both, never neither. */
final readonly class SheetMatch
{
    private function __construct(public ?SheetHead $head, public ?SheetRefusal $refusal)
    {
    }

    public static function found(SheetHead $head): self
    {
        return new self($head, null);
    }

    public static function refused(SheetRefusal $refusal): self
    {
        return new self(null, $refusal);
    }
}
