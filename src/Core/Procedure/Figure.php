<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** A value as an order shows it: what it is, its text with unit, what stands beside it, and where it comes from. */
final readonly class Figure
{
    public function __construct(public string $path, public string $label, public string $text, public ?string $detail, public string $source)
    {
    }
}
