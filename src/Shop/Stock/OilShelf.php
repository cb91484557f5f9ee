<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** The oils on the shelf, for whoever keeps it. */
interface OilShelf
{
    /** @return list<KeptOil> by product */
    public function kept(): array;

    /** @throws Conflict if it stands there already */
    public function add(ShelfOil $oil): void;

    /** @throws NotFound|Conflict if it is gone, or its version is another one */
    public function change(ShelfOil $oil, int $version): void;

    /** @throws NotFound|Conflict if it is gone, or its version is another one */
    public function remove(string $id, int $version): void;
}
