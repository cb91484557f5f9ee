<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Serial numbers that two published sheets claim. */
final readonly class Overlap
{
    public function __construct(public string $model, public SheetHead $one, public SheetHead $other, public SerialRange $serials)
    {
    }
}
