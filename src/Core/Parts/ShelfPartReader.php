<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Reading\Cursor;

/** Reads a part of the shop as an order request embeds it. */
final readonly class ShelfPartReader
{
    public static function at(Cursor $part): ShelfPart
    {
        return new ShelfPart(
            $part->at('number')->string(40),
            $part->at('description')->string(120),
            $part->at('bin')->string(20),
            $part->at('inStock')->int(0, 1_000_000),
            $part->at('priceMinor')->optionalInt(0, 100_000_000),
            $part->at('supersededBy')->optionalString(40),
            $part->at('kit')->isNull() ? [] : array_map(static fn (Cursor $line): KitLine => new KitLine($line->at('part')->string(40), $line->at('count')->int(1, 1000)), $part->at('kit')->list(0, 100)),
            $part->at('onOrder')->optionalInt(0, 1_000_000) ?? 0,
            $part->at('arrivesOn')->isNull() ? null : $part->at('arrivesOn')->day(),
            $part->at('substituteFor')->optionalString(40),
        );
    }
}
