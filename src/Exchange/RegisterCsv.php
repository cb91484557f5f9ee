<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Reading\Width;

/** Owners, boats and engines as CSV, a row for each engine; docs/formats/register-csv.md says what each column holds. */
final readonly class RegisterCsv
{
    public const HEADINGS = ['owner', 'boat', 'kind', 'water', 'kept', 'position', 'model', 'serial', 'in_service'];
    public const OPTIONAL = [
        'email', 'phone', 'registration', 'commercial', 'months', 'hours', 'hours_on', 'year', 'gearcase', 'warranty_until',
    ];
    /** What a field of the register is called here. */
    public const COLUMNS = ['inService' => 'in_service', 'warrantyUntil' => 'warranty_until', 'on' => 'in_service'];
    private const YES = ['yes' => true, 'no' => false, '' => false];

    /**
     * @return array<int, RegisterRow> by row, as a spreadsheet counts
     *
     * @throws InvalidDocument with every flaw, each naming its row and column
     */
    public static function read(string $text): array
    {
        return CsvTable::each($text, self::HEADINGS, self::OPTIONAL, self::row(...));
    }

    /** The headings alone, to be filled in. */
    public static function template(): string
    {
        return CsvTable::headings(...self::HEADINGS, ...self::OPTIONAL);
    }

    private static function row(Cursor $at): RegisterRow
    {
        $email = $at->at('email')->optionalString(Width::EMAIL);
        if (null !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            $at->at('email')->flaw('This is not an e-mail address. Correct it, or leave it empty.');
        }

        return new RegisterRow(
            new OwnerCells($at->at('owner')->string(Width::CUSTOMER_NAME), $email, $at->at('phone')->optionalString(Width::PHONE)),
            new BoatCells(
                $at->at('boat')->string(Width::BOAT_NAME),
                $at->at('kind')->string(Width::BOAT_KIND),
                $at->at('registration')->optionalString(Width::REGISTRATION) ?? '',
                self::oneOf($at->at('water'), 'salt', 'brackish', 'fresh'),
                self::oneOf($at->at('kept'), 'moored', 'trailered'),
                self::yes($at->at('commercial')),
                self::months($at->at('months')),
            ),
            self::engine($at),
        );
    }

    private static function engine(Cursor $at): EngineCells
    {
        $hours = str_replace(',', '.', $at->at('hours')->optionalString(12) ?? '');
        $year = $at->at('year')->optionalString(4);
        if (null !== $year && 1 !== preg_match('/^(19|20)\d\d$/D', $year)) {
            $at->at('year')->flaw('A model year has four digits, such as 2019.');
        }
        if (('' === $hours) !== (null === $at->at('hours_on')->optionalString(10))) {
            $at->at('hours_on')->flaw('Hours need the day on which they were read, and such a day needs hours.');
        }

        return new EngineCells(
            self::position($at->at('position')),
            $at->at('model')->string(Width::MODEL),
            $at->at('serial')->string(Width::SERIAL),
            $at->at('in_service')->day(),
            '' === $hours ? null : $at->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours)),
            '' === ($at->at('hours_on')->raw() ?? '') ? null : $at->at('hours_on')->day(),
            null === $year ? null : (int) $year,
            $at->at('gearcase')->optionalString(Width::GEARCASE),
            '' === ($at->at('warranty_until')->raw() ?? '') ? null : $at->at('warranty_until')->day(),
        );
    }

    private static function position(Cursor $at): Position
    {
        $raw = $at->raw();

        return '' === $raw ? Position::Single : $at->enum(Position::class);
    }

    /** @return non-empty-list<int> 1 to 12; an empty cell is the whole year */
    private static function months(Cursor $at): array
    {
        $text = $at->optionalString(40);
        if (null === $text) {
            return range(1, 12);
        }
        $months = [];
        foreach (explode(' ', trim(preg_replace('/[\s,;]+/', ' ', $text) ?? '')) as $part) {
            $isRead = 1 === preg_match('/^(\d{1,2})(?:-(\d{1,2}))?$/D', $part, $found);
            [$from, $to] = $isRead ? [(int) $found[1], (int) ($found[2] ?? $found[1])] : [0, 0];
            if (min($from, $to) < 1 || max($from, $to) > 12) {
                $at->flaw('Months are numbers from 1 to 12, such as 3-10 or 4 5 6.');

                return [1];
            }
            // over the turn of the year as well
            $months = [...$months, ...($from <= $to ? range($from, $to) : [...range($from, 12), ...range(1, $to)])];
        }
        $months = array_values(array_unique($months));
        sort($months);

        return $months;
    }

    private static function yes(Cursor $at): bool
    {
        $raw = $at->raw();
        $yes = self::YES[\is_string($raw) ? strtolower($raw) : ''] ?? null;
        if (null === $yes) {
            $at->flaw('Write yes or no.');
        }

        return $yes ?? false;
    }

    /**
     * @template T of string
     *
     * @param T ...$choices
     *
     * @return T
     */
    private static function oneOf(Cursor $at, string ...$choices): string
    {
        $raw = $at->raw();
        $found = array_values(array_filter($choices, static fn (string $choice): bool => $choice === $raw));
        if ([] === $found) {
            $at->flaw('Write one of: '.implode(', ', $choices).'.');
        }

        return $found[0] ?? $choices[0];
    }
}
