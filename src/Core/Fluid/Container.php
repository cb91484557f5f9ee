<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Volume;

/** A size of container on the shelf, with how many stand there and perhaps one already opened. */
final readonly class Container
{
    /**
     * @param int      $priceMinor in the smallest coin
     * @param int|null $inStock    null: as many as wanted
     */
    public function __construct(
        public string $id,
        public Volume $size,
        public int $priceMinor,
        public ?int $inStock,
        public ?Volume $opened,
    ) {
    }
}
