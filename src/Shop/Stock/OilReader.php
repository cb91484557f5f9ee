<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads a size of container of one oil. Flaws are noted at their fields. */
final readonly class OilReader
{
    private const LONGEST_PRODUCT = 40;
    private const LONGEST_GRADE = 20;
    private const LONGEST_CLASS = 40;
    private const DEAREST = 100_000_000;
    private const MOST = 100_000;

    /**
     * @param string|null $id null: made of product and size
     */
    public static function at(Cursor $oil, ?string $id = null): ShelfOil
    {
        $product = $oil->at('product')->string(self::LONGEST_PRODUCT);
        $grade = $oil->at('grade')->string(self::LONGEST_GRADE);
        $class = $oil->at('performanceClass')->string(self::LONGEST_CLASS);
        $size = self::volume($oil->at('size'));
        $opened = $oil->at('opened')->isNull() ? null : self::volume($oil->at('opened'));
        $price = $oil->at('priceMinor')->int(0, self::DEAREST);
        $stock = $oil->at('inStock')->optionalInt(0, self::MOST);
        if (null !== $opened && $opened->millilitresDown() > $size->millilitresDown()) {
            $oil->at('opened')->flaw('There is more in the opened one than it holds.');
        }

        return new ShelfOil($product, $grade, $class, new Container($id ?? self::id($product, $size), $size, $price, $stock, $opened));
    }

    /** Of a container, so more than nothing; nothing stands in for what can't be read. */
    private static function volume(Cursor $at): Volume
    {
        [$value, $unit] = [$at->at('value')->string(20), $at->at('unit')->string(10)];
        $volume = '' === $value || '' === $unit ? Volume::nothing() : ValueReader::volume($at) ?? Volume::nothing();
        if ('' !== $value && '' !== $unit && 0 === $volume->millilitresDown() && !$at->flaws->has($at->pointer)) {
            $at->flaw('Give more than nothing.');
        }

        return $volume;
    }

    private static function id(string $product, Volume $size): string
    {
        $text = strtolower($product.' '.$size->given.$size->unit->value);

        return trim(preg_replace('/[^a-z0-9]+/', '-', $text) ?? '', '-');
    }
}
