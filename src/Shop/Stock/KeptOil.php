<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

use FreshTack\Core\Order\ShelfOil;

/** A row of the shelf, as the one who keeps it sees it. */
final readonly class KeptOil
{
    public function __construct(public ShelfOil $oil, public int $version)
    {
    }
}
