<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A range of a published sheet, for one model. */
final readonly class Claim
{
    public function __construct(public string $model, public SheetHead $head, public SerialRange $range)
    {
    }
}
