<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Parts\PartsShelf;

/** Parts and oils on the shelf. */
interface Stock
{
    /**
     * With the numbers that took their place, and with what kits among them hold.
     *
     * @param list<string> $numbers
     */
    public function parts(array $numbers): PartsShelf;

    /** @return list<ShelfOil> */
    public function oils(): array;
}
