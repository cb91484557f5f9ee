<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Quantity\Volume;

final readonly class OilView
{
    /** @return array<string, mixed> */
    public static function of(ShelfOil $oil): array
    {
        $container = $oil->container;

        return [
            'id' => $container->id,
            'product' => $oil->product,
            'grade' => $oil->grade,
            'performanceClass' => $oil->performanceClass,
            'size' => self::volume($container->size),
            'priceMinor' => $container->priceMinor,
            'inStock' => $container->inStock,
            'opened' => null === $container->opened ? null : self::volume($container->opened),
        ];
    }

    /** @return array{value: string, unit: string} */
    private static function volume(Volume $volume): array
    {
        return ['value' => $volume->given, 'unit' => $volume->unit->value];
    }
}
