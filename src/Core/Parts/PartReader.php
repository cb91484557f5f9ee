<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** Reads one part of a catalogue document. */
final readonly class PartReader
{
    public static function at(Cursor $part): CataloguePart
    {
        $part->knowsOnly('number', 'description', 'maker', 'origin', 'packSize', 'bin', 'inStock', 'priceMinor', 'supersededBy', 'kit', 'onOrder', 'arrivesOn', 'substituteFor');
        $number = self::number($part->at('number'));
        $supersededBy = self::optional($part->at('supersededBy'));
        $substituteFor = self::optional($part->at('substituteFor'));
        $origin = $part->at('origin')->enum(Origin::class);
        if (null !== $substituteFor && Origin::Other !== $origin) {
            $part->at('substituteFor')->flaw('Only another maker\'s part stands in for one of the engine maker\'s.');
        }
        if ('' !== $number && $number === $supersededBy) {
            $part->at('supersededBy')->flaw('A part can\'t take its own place.');
        }

        return new CataloguePart(
            $number,
            $part->at('description')->string(Width::PART_DESCRIPTION),
            $part->at('maker')->string(Width::MAKER),
            $origin,
            $part->at('packSize')->int(1, 10_000),
            $part->at('bin')->string(Width::BIN),
            $part->at('inStock')->int(0, 1_000_000),
            $part->at('priceMinor')->int(0, 100_000_000),
            $supersededBy,
            self::kit($part->at('kit'), $number),
            $part->at('onOrder')->optionalInt(0, 1_000_000) ?? 0,
            $part->at('arrivesOn')->isNull() || '' === $part->at('arrivesOn')->raw() ? null : $part->at('arrivesOn')->day(),
            $substituteFor,
        );
    }

    /** @return list<KitLine> */
    private static function kit(Cursor $kit, string $number): array
    {
        $lines = [];
        foreach ($kit->isNull() ? [] : $kit->list(0, 100) as $line) {
            $line->knowsOnly('part', 'count');
            $read = new KitLine(self::number($line->at('part')), $line->at('count')->int(1, 1000));
            if ('' !== $number && $number === $read->part) {
                $line->at('part')->flaw('A kit can\'t hold itself.');
            }
            if (isset($lines[$read->part])) {
                $line->at('part')->flaw('This part stands in the kit twice: write it once, with the sum.');
            }
            $lines[$read->part] = $read;
        }

        return array_values($lines);
    }

    private static function optional(Cursor $number): ?string
    {
        return $number->isNull() || '' === $number->raw() ? null : self::number($number);
    }

    private static function number(Cursor $number): string
    {
        $text = $number->string(Width::PART_NUMBER);
        if ('' !== $text && 1 !== preg_match('/^[A-Za-z0-9][A-Za-z0-9 .\/_-]*$/', $text)) {
            $number->flaw('A part number is letters, digits and . / _ - only.');
        }

        return $text;
    }
}
