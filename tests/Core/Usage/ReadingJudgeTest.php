<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Usage;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Usage\Doubt;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\ReadingJudge;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An engine in service since 1 Mar 2024: 100 h on 1 Sep 2024, 200 h on 1 Mar 2025, 300 h on 1 Sep 2025. Today is 1 Mar 2026. */
final class ReadingJudgeTest extends TestCase
{
    /** @return iterable<string, array{string, string, Doubt|null}> day, hours, what is in doubt */
    public static function readings(): iterable
    {
        yield 'as usual' => ['2026-03-01', '400', null];
        yield 'no more than before' => ['2026-03-01', '300', null];
        yield 'a tenth less than before' => ['2026-03-01', '299.9', Doubt::Lower];
        yield 'tomorrow' => ['2026-03-02', '400', Doubt::Future];
        yield 'before it went into service' => ['2024-02-29', '0', Doubt::BeforeInService];
        yield 'on the day it went into service' => ['2024-03-01', '0', null];
        yield 'between two others' => ['2025-06-01', '250', null];
        yield 'between two others, above the later one' => ['2025-06-01', '300.1', Doubt::AboveLater];
        yield 'between two others, below the earlier one' => ['2025-06-01', '199.9', Doubt::Lower];
        // 1 Sep to 3 Sep are two days; with the day itself at most 72 h
        yield 'all there is' => ['2025-09-03', '372', null];
        yield 'more hours than there are' => ['2025-09-03', '372.1', Doubt::TooFast];
        // 182 days to 1 Mar 2026 make about 100 h; five times that is about 500
        yield 'several times the usual' => ['2026-03-01', '899', Doubt::Unusual];
        yield 'much, but not unheard of' => ['2026-03-01', '750', null];
    }

    #[DataProvider('readings')]
    public function testQuestionsWhatCanHardlyBe(string $day, string $hours, ?Doubt $doubt): void
    {
        $question = (new ReadingJudge())->judge(new HourReading(self::day($day), EngineHours::of($hours)), self::log(), self::day('2024-03-01'), self::day('2026-03-01'), UseRate::from(self::log(), self::day('2024-03-01'), Season::allYear()));

        self::assertSame($doubt, $question?->doubt);
        self::assertSame(null !== $doubt, null !== $question && \strlen($question->message) > 20);
    }

    public function testOnlyTheSizeOfAReadingCanBeConfirmed(): void
    {
        self::assertSame([Doubt::TooFast, Doubt::Unusual], array_values(array_filter(Doubt::cases(), static fn (Doubt $doubt): bool => $doubt->canBeConfirmed())));
    }

    public function testAnEstimateIsHeldAgainstDaysOnly(): void
    {
        $estimate = static fn (string $day): HourReading => new HourReading(self::day($day), EngineHours::of('5'), 0, ReadingSource::Estimate);
        $judge = static fn (HourReading $reading): ?Doubt => (new ReadingJudge())->judge($reading, self::log(), self::day('2024-03-01'), self::day('2026-03-01'), null)?->doubt;

        self::assertSame([null, Doubt::Future], [$judge($estimate('2026-03-01')), $judge($estimate('2026-03-02'))]);
    }

    public function testTheFirstReadingOfAnEngineIsHeldAgainstItsDayInService(): void
    {
        $first = static fn (string $hours): ?Doubt => (new ReadingJudge())->judge(new HourReading(self::day('2024-03-11'), EngineHours::of($hours)), new HourLog([]), self::day('2024-03-01'), self::day('2026-03-01'), null)?->doubt;

        self::assertSame([null, Doubt::TooFast], [$first('264'), $first('264.1')]);
    }

    private static function log(): HourLog
    {
        return new HourLog(array_map(static fn (array $reading): HourReading => new HourReading(self::day($reading[0]), EngineHours::of($reading[1])), [['2024-09-01', '100'], ['2025-03-01', '200'], ['2025-09-01', '300']]));
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
