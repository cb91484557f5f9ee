<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\PartReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;

/** Parts and prices as CSV. A price is written with two decimals at most; a kit as `NUMBER:COUNT` pieces with spaces between. */
final readonly class PartsCsv
{
    public const HEADINGS = ['number', 'description', 'maker', 'origin', 'pack_size', 'bin', 'in_stock', 'price'];
    public const OPTIONAL = ['superseded_by', 'kit', 'on_order', 'arrives_on', 'substitute_for'];

    /**
     * @return array<int, CataloguePart> by row, as a spreadsheet counts
     *
     * @throws InvalidDocument with every flaw, each naming its row
     */
    public static function read(string $text): array
    {
        $flaws = new Flaws();
        $parts = $rows = [];
        foreach (CsvTable::read($text, self::HEADINGS, self::OPTIONAL)->rows as $index => $row) {
            $number = $index + 2;
            $cursor = Cursor::over(self::document($row));
            $part = PartReader::at($cursor);
            self::collect($cursor, $number, $flaws);
            // no maker tells two parts apart by the case of a letter
            $plain = strtoupper($part->number);
            if (isset($rows[$plain]) && '' !== $plain) {
                $flaws->add(
                    "/rows/$number/number",
                    \sprintf('Row %d: %s stands in row %d already.', $number, $part->number, $rows[$plain]),
                );
            }
            $rows[$plain] = $number;
            $parts[$number] = $part;
        }
        if ([] === $parts) {
            $flaws->add('', 'This file has headings and no rows.');
        }
        $flaws->throwIfAny();

        return $parts;
    }

    /** @param list<CataloguePart> $parts */
    public static function write(array $parts): string
    {
        return CsvTable::write([...self::HEADINGS, ...self::OPTIONAL], array_map(static fn (CataloguePart $part): array => [
            'number' => $part->number,
            'description' => $part->description,
            'maker' => $part->maker,
            'origin' => $part->origin->value,
            'pack_size' => $part->packSize,
            'bin' => $part->bin,
            'in_stock' => $part->inStock,
            'price' => \sprintf('%d.%02d', intdiv($part->priceMinor, 100), $part->priceMinor % 100),
            'superseded_by' => $part->supersededBy ?? '',
            'kit' => implode(' ', array_map(static fn (KitLine $line): string => $line->part.':'.$line->count, $part->kit)),
            'on_order' => $part->onOrder,
            'arrives_on' => $part->arrivesOn?->format('Y-m-d') ?? '',
            'substitute_for' => $part->substituteFor ?? '',
        ], $parts));
    }

    /** Every flaw of one row, told with the row and the heading. */
    private static function collect(Cursor $cursor, int $row, Flaws $flaws): void
    {
        $headings = ['packSize' => 'pack_size', 'inStock' => 'in_stock', 'priceMinor' => 'price', 'supersededBy' => 'superseded_by', 'onOrder' => 'on_order', 'arrivesOn' => 'arrives_on', 'substituteFor' => 'substitute_for'];

        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            foreach ($error->flaws as $flaw) {
                $key = explode('/', $flaw->pointer)[1] ?? '';
                $heading = $headings[$key] ?? $key;
                $flaws->add("/rows/$row/$heading", \sprintf('Row %d, %s: %s', $row, $heading, lcfirst('price' === $heading ? 'This must be a price such as 18.40.' : $flaw->message)));
            }
        }
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, mixed>
     */
    private static function document(array $row): array
    {
        $price = $row['price'] ?? '';

        return [
            'number' => $row['number'] ?? '',
            'description' => $row['description'] ?? '',
            'maker' => $row['maker'] ?? '',
            'origin' => $row['origin'] ?? '',
            'packSize' => self::whole($row['pack_size'] ?? ''),
            'bin' => $row['bin'] ?? '',
            'inStock' => self::whole($row['in_stock'] ?? ''),
            'priceMinor' => 1 === preg_match('/^(\d{1,7})(?:[.,](\d{1,2}))?$/', $price, $part) ? (int) $part[1] * 100 + (int) str_pad($part[2] ?? '', 2, '0') : $price,
            'supersededBy' => $row['superseded_by'] ?? '',
            'kit' => self::kit($row['kit'] ?? ''),
            'onOrder' => '' === ($row['on_order'] ?? '') ? 0 : self::whole($row['on_order']),
            'arrivesOn' => $row['arrives_on'] ?? '',
            'substituteFor' => $row['substitute_for'] ?? '',
        ];
    }

    private static function whole(string $cell): int|string
    {
        return 1 === preg_match('/^\d{1,9}$/', $cell) ? (int) $cell : $cell;
    }

    /** @return list<array{part: string, count: int|string}> */
    private static function kit(string $cell): array
    {
        $pieces = preg_split('/\s+/', $cell, -1, \PREG_SPLIT_NO_EMPTY);

        return array_map(static function (string $piece): array {
            $part = explode(':', $piece);

            return ['part' => $part[0], 'count' => self::whole($part[1] ?? '1')];
        }, false === $pieces ? [] : $pieces);
    }
}
