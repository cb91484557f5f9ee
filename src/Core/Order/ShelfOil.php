<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\Container;

/** An oil on the shelf: which product of which grade and class is in the container. */
final readonly class ShelfOil
{
    public function __construct(public string $product, public string $grade, public string $performanceClass, public Container $container)
    {
    }
}
