<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CataloguePart;

/** One row of an import that changes something; before is null for a new part. */
final readonly class PartChange
{
    public function __construct(public int $row, public ?CataloguePart $before, public CataloguePart $after)
    {
    }
}
