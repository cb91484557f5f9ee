<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Quantity\Volume;

/** A row of the shelf, as orders keep it and as the one who keeps the shelf sees it. */
final readonly class ShelfOilDocument
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
