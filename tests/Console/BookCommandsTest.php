<?php

declare(strict_types=1);

namespace FreshTack\Tests\Console;

use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\SheetSchema;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The book from a terminal, over the demo shop. Nothing here writes to it. */
final class BookCommandsTest extends TestCase
{
    /** @return iterable<string, array{list<string>, int, string, string}> arguments, status, on output, on errors */
    public static function conversions(): iterable
    {
        yield 'exact' => [['1.5', 'us_qt', 'ml'], 0, "1.5 us_qt = 1419.529419 ml\n", ''];
        yield 'without end' => [['1', 'ml', 'us_qt'], 0, "1 ml ≈ 0.00105668820943 us_qt\n", ''];
        yield 'below zero' => [['--', '-40', 'c', 'f'], 0, "-40 c = -40 f\n", ''];
        yield 'another kind' => [['1', 'ml', 'nm'], 1, '', "ml is a volume and nm is a torque: one can't be turned into the other.\n"];
        yield 'no unit of ours' => [['1', 'cup', 'ml'], 1, '', "\"cup\" is not a unit for this. Use one of: ml, l, us_qt, us_gal, us_fl_oz, imp_qt, imp_pt, nm, ft_lb, in_lb, kg, lb, mm, in, c, f, min, h.\n"];
    }

    /** @param list<string> $arguments */
    #[DataProvider('conversions')]
    public function testConvertsQuantities(array $arguments, int $status, string $output, string $errors): void
    {
        self::assertSame([$status, $output, $errors], self::console('quantity:convert', ...$arguments));
    }

    public function testFindsASheetInTheShopsBookAndInAFolder(): void
    {
        foreach ([[], ['--book', \dirname(__DIR__, 2).'/demo/book']] as $where) {
            [$status, $output] = self::console('spec:find', '--model', 'K165', '--serial', 'KS4-20000', ...$where);
            self::assertSame([0, ['sheet' => 'kestrane-k165-late', 'revision' => 2]], [$status, Json::decode($output)]);
            [$status, $output] = self::console('spec:find', '--model', 'K30T', '--serial', 'KX-0912', ...$where);
            self::assertSame(1, $status);
            self::assertStringContainsString('"reason": "not_four_stroke"', $output);
            [$status] = self::console('spec:find', '--model', 'D185', '--serial', 'DL2-55000', '--gearcase', 'heavy', ...$where);
            self::assertSame(0, $status);
        }
        self::assertSame([1, '', "/: Give --serial.\n"], self::console('spec:find', '--model', 'K165'));
    }

    public function testHoldsFilesAgainstTheFormatAndTellsEveryFlaw(): void
    {
        $good = \dirname(__DIR__, 2).'/demo/book/sheets/dunmarrow-d7.json';
        $bad = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($bad, Json::encode(Book::with(Book::with(Book::sheet('dunmarrow-d7'), ['values', 'drain.kind', 'value'], 'tap'), ['values', 'engineOil.dipstickSpan', 'unit'], 'nm')));
        [$status, $output] = self::console('spec:validate', $good, $bad);
        unlink($bad);
        self::assertSame(1, $status);
        self::assertStringStartsWith($good.": ok\n".$bad."\n", $output);
        self::assertStringContainsString('  /values/drain.kind/value: This must be one of: plug, valve, extraction.', $output);
        self::assertStringContainsString('  /values/engineOil.dipstickSpan: "nm" is not a unit for this.', $output);
        self::assertSame([0, $good.": ok\n", ''], self::console('spec:validate', $good));
    }

    public function testExportsTheBookWhichImportFindsTheSame(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'book');
        self::assertSame([0, '', ''], self::console('spec:export', $file));
        self::assertArrayHasKey('sheets/kestrane-k165-late.r2.json', BookArchive::read((string) file_get_contents($file))->files);
        [$status, $output] = self::console('spec:import', $file, '--as', 'mora', '--preview');
        self::assertSame(0, $status);
        self::assertStringNotContainsString('new ', $output);
        self::assertSame([1, '', "There is no manager's account ines.\n"], self::console('spec:import', $file, '--as', 'ines'));
        self::assertSame([0, '', ''], self::console('spec:export', $file, '--sheet', 'dunmarrow-d7:1'));
        self::assertSame([0, "same dunmarrow-d7 rev. 1\n", ''], self::console('spec:import', $file, '--as', 'mora', '--preview'));
        file_put_contents($file, Json::encode(Book::with(Book::document('book/sheets/dunmarrow-d7.json'), ['values', 'gearcase.seals', 'part'], 'XX-0')));
        self::assertSame([1, '', "/values/gearcase.seals/part: XX-0 is not in the parts catalogue. Add it there first, or correct the number.\n"], self::console('spec:import', $file, '--as', 'mora', '--preview'));
        unlink($file);
    }

    public function testPrintsTheSchemaOfSheets(): void
    {
        self::assertSame([0, SheetSchema::written(), ''], self::console('spec:schema'));
    }

    /** @return array{int, string, string} status, standard output, standard error */
    private static function console(string ...$arguments): array
    {
        $process = proc_open([\PHP_BINARY, \dirname(__DIR__, 2).'/bin/console', ...array_values($arguments)], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null, [...getenv(), 'APP_ENV' => 'test']);
        self::assertIsResource($process);
        [$output, $errors] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $output, $errors];
    }
}
