<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A CSV file with a line of headings, commas or semicolons, UTF-8. Cells are text and nothing else: a formula is refused, never run. */
final readonly class CsvTable
{
    private const MOST_ROWS = 50_000;

    /** @param list<array<string, string>> $rows by heading */
    private function __construct(public array $rows)
    {
    }

    /**
     * @param list<string> $headings that must be there
     * @param list<string> $optional
     *
     * @throws InvalidDocument if the text is no such file; row 2 is the first below the headings, as a spreadsheet counts
     */
    public static function read(string $text, array $headings, array $optional): self
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        if (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw InvalidDocument::at('', 'This file is not written in UTF-8. Save it again as "CSV UTF-8" and send that.');
        }
        $first = strtok($text, "\r\n");
        $delimiter = substr_count((string) $first, ';') > substr_count((string) $first, ',') ? ';' : ',';
        $found = array_map(static fn (?string $heading): string => trim((string) $heading), str_getcsv((string) $first, $delimiter, '"', ''));
        $missing = array_diff($headings, $found);
        $unknown = array_diff($found, $headings, $optional);
        if ([] !== $missing || [] !== $unknown) {
            throw InvalidDocument::at('', \sprintf('The first line must name the columns %s%s.%s%s', implode(', ', $headings), [] === $optional ? '' : ', and may name '.implode(', ', $optional), [] === $missing ? '' : ' Missing: '.implode(', ', $missing).'.', [] === $unknown ? '' : ' Not known: '.implode(', ', array_map(static fn (string $name): string => '"'.$name.'"', $unknown)).'.'));
        }

        return new self(self::rows($text, $delimiter));
    }

    /**
     * Each row as what it is.
     *
     * @template T
     *
     * @param list<string>         $headings that must be there
     * @param list<string>         $optional
     * @param \Closure(Cursor): T  $row
     *
     * @return array<int, T> by row, as a spreadsheet counts
     *
     * @throws InvalidDocument with every flaw, each naming its row and column
     */
    public static function each(string $text, array $headings, array $optional, \Closure $row): array
    {
        $flaws = new Flaws();
        $read = [];
        foreach (self::read($text, $headings, $optional)->rows as $index => $cells) {
            $cursor = Cursor::over($cells);
            $read[$index + 2] = $row($cursor);
            RowFlaws::collect($cursor, $index + 2, $flaws);
        }
        if ([] === $read) {
            $flaws->add('', 'This file has headings and no rows.');
        }
        $flaws->throwIfAny();

        return $read;
    }

    /** A file with nothing but the first line. */
    public static function headings(string ...$headings): string
    {
        return implode(',', $headings)."\r\n";
    }

    /**
     * @param list<string>                    $headings
     * @param list<array<string, string|int>> $rows
     */
    public static function write(array $headings, array $rows): string
    {
        return (new CsvEncoder())->encode($rows, 'csv', [CsvEncoder::HEADERS_KEY => $headings, CsvEncoder::ESCAPE_FORMULAS_KEY => true, CsvEncoder::NO_HEADERS_KEY => false, CsvEncoder::END_OF_LINE => "\r\n"]);
    }

    /**
     * @return list<array<string, string>>
     *
     * @throws InvalidDocument
     */
    private static function rows(string $text, string $delimiter): array
    {
        $decoded = (new CsvEncoder())->decode($text, 'csv', [CsvEncoder::DELIMITER_KEY => $delimiter, CsvEncoder::AS_COLLECTION_KEY => true, CsvEncoder::KEY_SEPARATOR_KEY => "\x1F", CsvEncoder::ESCAPE_CHAR_KEY => '']);
        $flaws = new Flaws();
        $rows = [];
        foreach (\is_array($decoded) ? array_values($decoded) : [] as $index => $cells) {
            $row = [];
            foreach (\is_array($cells) ? $cells : [] as $heading => $cell) {
                $row[trim((string) $heading)] = \is_string($cell) ? trim($cell) : '';
                if (\is_string($cell) && 1 === preg_match('/^\s*([=@\t]|[+-](?!\d+([.,]\d+)?$))/', $cell)) {
                    $flaws->add('/rows/'.($index + 2).'/'.$heading, \sprintf('Row %d, %s: "%s" looks like a formula. Only plain text and numbers are taken.', $index + 2, $heading, mb_strimwidth($cell, 0, 40, '…')));
                }
            }
            $rows[] = $row;
        }
        if (\count($rows) > self::MOST_ROWS) {
            $flaws->add('', \sprintf('This file has %d rows; at most %d are taken at once.', \count($rows), self::MOST_ROWS));
        }
        $flaws->throwIfAny();

        return $rows;
    }
}
