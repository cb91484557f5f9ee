<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\HoursCsv;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\ReaderDocument;
use FreshTack\Exchange\Schemas;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hours from files: a spreadsheet's, and an engine reader's. */
final class ReadingsInTest extends TestCase
{
    private const REPORT = [
        'format' => 'fresh-tack/engine-reader/1',
        'serial' => 'KM2-7001',
        'date' => '2026-03-18',
        'hours' => '110.3',
        'speedBands' => [['fromRpm' => 0, 'toRpm' => 1000, 'percent' => 61], ['fromRpm' => 1000, 'toRpm' => 6000, 'percent' => 39]],
        'faults' => [['code' => 'F-117', 'text' => 'Low battery voltage', 'count' => 2]],
    ];

    public function testReadsReadingsWithEitherDecimalMark(): void
    {
        $rows = HoursCsv::read("serial;date;hours\nKM2-7001;2026-03-18;110,3\nD65-5201;2026-03-01;583\n");

        self::assertSame([[2, 'KM2-7001', '110.3'], [3, 'D65-5201', '583.0']], array_map(static fn (int $row, array $reading): array => [$row, $reading['serial'], $reading['hours']->text()], array_keys($rows), array_values($rows)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badFiles(): iterable
    {
        yield 'a column missing' => ["serial,hours\nA,1\n", ['']];
        yield 'no rows' => ["serial,date,hours\n", ['']];
        yield 'every flaw with its row' => ["serial,date,hours\n,2026-03-18,1\nA,18.3.2026,1\nB,2026-02-30,1\nC,2026-03-18,many\nD,2026-03-18,1.25\n", ['/rows/2/serial', '/rows/3/date', '/rows/4/date', '/rows/5/hours', '/rows/6/hours']];
        yield 'a formula' => ["serial,date,hours\n=A1,2026-03-18,1\n", ['/rows/2/serial']];
    }

    /** @param list<string> $pointers */
    #[DataProvider('badFiles')]
    public function testSaysWhatIsWrongWithAFileAndWhere(string $csv, array $pointers): void
    {
        self::assertSame($pointers, self::pointers(static fn () => HoursCsv::read($csv)));
    }

    public function testReadsAReport(): void
    {
        $told = ReaderDocument::read(Json::encode(self::REPORT));

        self::assertSame(['KM2-7001', '2026-03-18', '110.3', 61, 'F-117'], [$told['serial'], $told['on']->format('Y-m-d'), $told['hours']->text(), $told['bands'][0]['percent'], $told['faults'][0]['code']]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function nonsense(): iterable
    {
        yield 'another format' => [['format' => 'something/2'], ['/format']];
        yield 'a day that does not exist' => [['date' => '31 February'], ['/date']];
        yield 'hours below zero' => [['hours' => '-3'], ['/hours']];
        yield 'hours as a number' => [['hours' => 110.3], ['/hours']];
        yield 'a key nobody knows' => [['mood' => 'good'], ['/mood']];
        yield 'more than all of the time' => [['speedBands' => [['fromRpm' => 0, 'toRpm' => 1000, 'percent' => 90], ['fromRpm' => 1000, 'toRpm' => 2000, 'percent' => 90]]], ['/speedBands']];
        yield 'a speed that no engine has' => [['speedBands' => [['fromRpm' => 0, 'toRpm' => 90000, 'percent' => 100]]], ['/speedBands/0/toRpm']];
        yield 'a fault without a code' => [['faults' => [['code' => '', 'text' => 'x', 'count' => 1]]], ['/faults/0/code']];
        yield 'a fault that never happened' => [['faults' => [['code' => 'F', 'text' => 'x', 'count' => 0]]], ['/faults/0/count']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('nonsense')]
    public function testRefusesNonsense(array $change, array $pointers): void
    {
        self::assertSame($pointers, self::pointers(static fn () => ReaderDocument::read(Json::encode([...self::REPORT, ...$change]))));
    }

    public function testTheSchemaAgreesWithTheReader(): void
    {
        $schemas = new Schemas(\dirname(__DIR__, 2));
        $schemas->validate(Json::encode(self::REPORT), Schemas::ENGINE_READER);
        foreach (self::nonsense() as $name => [$change]) {
            if ('more than all of the time' !== $name) {
                self::assertNotSame([], self::pointers(static fn () => $schemas->validate(Json::encode([...self::REPORT, ...$change]), Schemas::ENGINE_READER)), $name);
            }
        }
    }

    /** @return list<string> */
    private static function pointers(\Closure $read): array
    {
        try {
            $read();
        } catch (InvalidDocument $error) {
            return array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws);
        }

        return [];
    }
}
