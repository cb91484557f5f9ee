<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;

/** Readings as CSV: serial number, day as YYYY-MM-DD, hours as the meter shows them. */
final readonly class HoursCsv
{
    public const HEADINGS = ['serial', 'date', 'hours'];

    /**
     * @return array<int, array{serial: string, on: \DateTimeImmutable, hours: EngineHours}> by row, as a spreadsheet counts
     *
     * @throws InvalidDocument with every flaw, each naming its row
     */
    public static function read(string $text): array
    {
        $flaws = new Flaws();
        $readings = [];
        foreach (CsvTable::read($text, self::HEADINGS, [])->rows as $index => $row) {
            $number = $index + 2;
            $cursor = Cursor::over([...$row, 'hours' => str_replace(',', '.', $row['hours'] ?? '')]);
            $serial = $cursor->at('serial')->string(30);
            $on = $cursor->at('date')->day();
            $text = $cursor->at('hours')->string(12);
            $hours = '' === $text ? null : $cursor->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($text));
            try {
                $cursor->flaws->throwIfAny();
            } catch (InvalidDocument $error) {
                foreach ($error->flaws as $flaw) {
                    $flaws->add("/rows/$number".$flaw->pointer, \sprintf('Row %d, %s: %s', $number, ltrim($flaw->pointer, '/'), lcfirst($flaw->message)));
                }
            }
            if (null !== $hours) {
                $readings[$number] = ['serial' => $serial, 'on' => $on, 'hours' => $hours];
            }
        }
        if ([] === $readings) {
            $flaws->add('', 'This file has headings and no rows.');
        }
        $flaws->throwIfAny();

        return $readings;
    }
}
