<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Serial numbers between two ranges that no published sheet claims. */
final readonly class Gap
{
    public function __construct(public string $model, public SheetHead $before, public SheetHead $after, public SerialRange $serials)
    {
    }
}
