<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\SpecBook\Gap;
use FreshTack\Core\SpecBook\Overlap;
use FreshTack\Core\SpecBook\RangeReport;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\YearRange;
use PHPUnit\Framework\TestCase;

final class RangeReportTest extends TestCase
{
    use TestTrait;

    public function testRangesThatTouchAreNeitherAnOverlapNorAGap(): void
    {
        self::assertSame([[], []], self::told(self::head('a', 1, 99), self::head('b', 100, 200)));
    }

    public function testOneNumberOfBothIsAnOverlap(): void
    {
        self::assertSame([['a b AX-99 – 99'], []], self::told(self::head('a', 1, 99), self::head('b', 99, 200)));
    }

    public function testOneNumberOfNeitherIsAGap(): void
    {
        self::assertSame([[], ['a b AX-100 – 100']], self::told(self::head('b', 101, 200), self::head('a', 1, 99)));
    }

    public function testARangeInsideAnotherLeavesNoGapBehindIt(): void
    {
        self::assertSame([['a b AX-10 – 20', 'a c AX-50 – 60'], ['a d AX-100 – 149']], self::told(self::head('a', 1, 99), self::head('b', 10, 20), self::head('c', 50, 60), self::head('d', 150, 160)));
    }

    public function testSheetsForOtherYearsOrGearcasesDoNotOverlap(): void
    {
        $years = static fn (int $from, int $to): SheetHead => new SheetHead("y$from", 1, SheetStatus::Published, 'Aldermoor', ['A50'], [new SerialRange('AX-', 1, 99)], new YearRange($from, $to));
        $gearcase = static fn (string $variant): SheetHead => new SheetHead($variant, 1, SheetStatus::Published, 'Aldermoor', ['A50'], [new SerialRange('AX-', 1, 99)], null, [$variant]);
        self::assertSame([[], []], self::told($years(2010, 2014), $years(2015, 2019)));
        self::assertSame([['y2010 y2014 AX-1 – 99'], []], self::told($years(2010, 2014), $years(2014, 2019)));
        self::assertSame([[], []], self::told($gearcase('slim'), $gearcase('heavy')));
    }

    public function testWhatIsClaimedForOneGearcaseOrSomeYearsMayBeMissingForTheOthers(): void
    {
        $head = static fn (string $id, int $from, int $to, ?YearRange $years, string ...$gearcases): SheetHead => new SheetHead(
            $id,
            1,
            SheetStatus::Published,
            'Aldermoor',
            ['A50'],
            [new SerialRange('AX-', $from, $to)],
            $years,
            array_values($gearcases),
        );
        $told = static fn (SheetHead ...$heads): array => array_map(
            static fn (Gap $gap): array => [$gap->serials->text(), $gap->only],
            RangeReport::over(array_values($heads))->gaps,
        );

        // the slim one has 1 to 99 and 200 to 299, the heavy one the numbers between
        self::assertSame(
            [['AX-100 – 199', 'gearcase slim']],
            $told($head('a', 1, 99, null, 'slim'), $head('b', 100, 199, null, 'heavy'), $head('c', 200, 299, null, 'slim')),
        );
        // both lack 150 to 199, and that is told once
        self::assertSame(
            [['AX-150 – 199', null]],
            $told($head('a', 1, 149, null, 'slim'), $head('b', 1, 149, null, 'heavy'), $head('c', 200, 299, null)),
        );
        self::assertSame(
            [['AX-100 – 199', 'years 2010–2014']],
            $told(
                $head('a', 1, 99, null),
                $head('b', 100, 199, new YearRange(2015, 2019)),
                $head('c', 200, 299, new YearRange(2010, 2019)),
            ),
        );
    }

    public function testOnlyPublishedSheetsCount(): void
    {
        self::assertSame([[], []], self::told(self::head('a', 1, 99), self::head('b', 50, 200, SheetStatus::Draft), self::head('c', 300, 400, SheetStatus::Withdrawn)));
    }

    public function testCanBeAskedForOneSheet(): void
    {
        $report = RangeReport::over([self::head('a', 1, 99), self::head('b', 90, 120), self::head('c', 130, 140)]);
        self::assertSame([1, 0], [\count($report->of('a')->overlaps), \count($report->of('a')->gaps)]);
        self::assertSame([0, 1], [\count($report->of('c')->overlaps), \count($report->of('c')->gaps)]);
    }

    /** Number by number, the slow way: claimed twice is an overlap, claimed by none between the first and the last is a gap. */
    public function testAgreesWithCountingNumberByNumber(): void
    {
        $this->limitTo(60)->forAll(Generators::seq(Generators::tuple(Generators::choose(0, 40), Generators::choose(0, 12))))->then(static function (array $pairs): void {
            $heads = [];
            foreach (array_values($pairs) as $index => $pair) {
                \assert(\is_array($pair) && \is_int($pair[0]) && \is_int($pair[1]));
                $heads[] = self::head('s'.$index, $pair[0], $pair[0] + $pair[1]);
            }
            $report = RangeReport::over($heads);
            for ($number = 0; $number <= 60; ++$number) {
                $serial = new SerialNumber('AX-', $number);
                $claims = \count(array_filter($heads, static fn (SheetHead $head): bool => $head->ranges[0]->holds($serial)));
                $between = [] !== array_filter($heads, static fn (SheetHead $head): bool => $head->ranges[0]->to < $number) && [] !== array_filter($heads, static fn (SheetHead $head): bool => $head->ranges[0]->from > $number);
                self::assertSame($claims > 1, [] !== array_filter($report->overlaps, static fn (Overlap $overlap): bool => $overlap->serials->holds($serial)), "overlap at $number");
                self::assertSame(0 === $claims && $between, [] !== array_filter($report->gaps, static fn (Gap $gap): bool => $gap->serials->holds($serial)), "gap at $number");
            }
        });
    }

    private static function head(string $id, int $from, int $to, SheetStatus $status = SheetStatus::Published): SheetHead
    {
        return new SheetHead($id, 1, $status, 'Aldermoor', ['A50'], [new SerialRange('AX-', $from, $to)]);
    }

    /** @return array{list<string>, list<string>} */
    private static function told(SheetHead ...$heads): array
    {
        $report = RangeReport::over(array_values($heads));

        return [
            array_map(static fn (Overlap $overlap): string => "{$overlap->one->id} {$overlap->other->id} {$overlap->serials->text()}", $report->overlaps),
            array_map(static fn (Gap $gap): string => "{$gap->before->id} {$gap->after->id} {$gap->serials->text()}", $report->gaps),
        ];
    }
}
