<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\Container;

/**
 * An oil on the shelf: which product of which grade and class is in the container. Of a gear lubricant grade and class
 * are the two parts of its name, such as `KG-2` and `gear lubricant`.
 */
final readonly class ShelfOil
{
    public function __construct(public string $product, public string $grade, public string $performanceClass, public Container $container)
    {
    }

    /** Whether a sheet means this by the name that it gives, in whatever case. */
    public function isCalled(string $name): bool
    {
        return mb_strtolower($this->grade.' '.$this->performanceClass) === mb_strtolower($name);
    }
}
