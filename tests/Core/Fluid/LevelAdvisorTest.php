<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fluid;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Fluid\DipstickSpec;
use FreshTack\Core\Fluid\EarlierReading;
use FreshTack\Core\Fluid\LevelAdvice;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Core\Fluid\LevelQuestion;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LevelAdvisorTest extends TestCase
{
    use TestTrait;

    /**
     * The span is 800 ml, the band from 0.45 to 0.75, its middle 0.60; at most 200 ml at once, in steps of 50 ml.
     *
     * @return iterable<string, array{string, bool, bool, int, Advice, int}> reading, on arrival, has run, rested of 30 min, advice, minutes or millilitres
     */
    public static function readings(): iterable
    {
        yield 'a minute short of the rest' => ['0.10', false, true, 29, Advice::Wait, 1];
        yield 'not rested at all, and far too high' => ['1.60', false, true, 0, Advice::Wait, 30];
        yield 'not rested on arrival, above the mark' => ['1.20', true, false, 10, Advice::Wait, 20];
        yield 'rested exactly long enough' => ['0.60', false, true, 30, Advice::Ok, 0];
        // (0.45 − 0.40) × 800 = 40 ml: less than a step of 50 ml, so it is run first
        yield 'a little below the band before the run' => ['0.40', false, false, 30, Advice::Run, 0];
        // (0.45 − 0.30) × 800 = 120 ml, in whole steps 100 ml: to the low edge only, the filter is still empty
        yield 'below the band before the run' => ['0.30', false, false, 30, Advice::Add, 100];
        yield 'on the low edge before the run' => ['0.45', false, false, 30, Advice::Run, 0];
        yield 'high in the band before the run' => ['0.95', false, false, 30, Advice::Run, 0];
        // (0.60 − 0.30) × 800 = 240 ml, of which the largest single top-up allows 200 ml
        yield 'well below after the run' => ['0.30', false, true, 30, Advice::Add, 200];
        // (0.60 − 0.44) × 800 = 128 ml, in whole steps 100 ml
        yield 'just below after the run' => ['0.44', false, true, 30, Advice::Add, 100];
        yield 'on the low edge after the run' => ['0.45', false, true, 30, Advice::Ok, 0];
        yield 'above the band, below the mark' => ['0.90', false, true, 30, Advice::Ok, 0];
        yield 'exactly on the top mark' => ['1', false, true, 30, Advice::Ok, 0];
        // (1.10 − 0.60) × 800 = 400 ml down to the middle
        yield 'above the mark after the run' => ['1.10', false, true, 30, Advice::TakeOut, 400];
        // (1.10 − 1) × 800 = 80 ml down to the mark: the filter is still empty
        yield 'above the mark before the run' => ['1.10', false, false, 30, Advice::TakeOut, 80];
        yield 'in the band on arrival' => ['0.60', true, false, 30, Advice::Ok, 0];
        yield 'above the band on arrival' => ['0.90', true, false, 30, Advice::Ok, 0];
        yield 'on the top mark on arrival' => ['1', true, false, 30, Advice::Ok, 0];
        yield 'below the band on arrival' => ['0.30', true, false, 30, Advice::Low, 0];
        yield 'below the low mark on arrival' => ['-0.50', true, false, 30, Advice::Low, 0];
        yield 'above the mark on arrival' => ['1.01', true, false, 30, Advice::Investigate, 0];
        // (0.60 + 0.20) × 800 = 640 ml, again 200 ml at once
        yield 'below the low mark' => ['-0.20', false, true, 30, Advice::Add, 200];
    }

    #[DataProvider('readings')]
    public function testAdvises(string $reading, bool $onArrival, bool $hasRun, int $rested, Advice $advice, int $figure): void
    {
        $answer = self::ask($reading, $onArrival, $hasRun, $rested);

        self::assertSame([$advice, $figure], [$answer->advice, Advice::Wait === $advice ? $answer->waitMin : $answer->amountMl]);
        self::assertNotSame('', $answer->reason);
    }

    public function testWhereTheBandIsTooNarrowForTheStepTheAmountIsFinerAndSaidToBe(): void
    {
        $narrow = new DipstickSpec(Volume::whole(250), DipstickBand::of('0.45', '0.55'), Volume::whole(200), Volume::whole(50));
        $answer = (new LevelAdvisor())->advise(self::question('0.44', false, true, 30), $narrow);

        // (0.50 − 0.44) × 250
        self::assertSame([Advice::Add, 15], [$answer->advice, $answer->amountMl]);
        self::assertStringContainsString('finer than the step of 50 ml', $answer->reason);
    }

    public function testAStepInOuncesIsOneInOunces(): void
    {
        // 2 US fl oz are 59.147 ml, three times that 177.44; (0.60 − 0.376) × 800 = 179 ml are lacking
        $ounces = new DipstickSpec(
            Volume::whole(800),
            DipstickBand::of('0.45', '0.75'),
            Volume::whole(200),
            Volume::of('2', VolumeUnit::UsFluidOunce),
        );

        self::assertSame(177, (new LevelAdvisor())->advise(self::question('0.376', false, true, 30), $ounces)->amountMl);
    }

    public function testAStepLargerThanTheLargestTopUpIsThatTopUp(): void
    {
        $coarse = new DipstickSpec(Volume::whole(800), DipstickBand::of('0.45', '0.75'), Volume::whole(200), Volume::whole(500));

        self::assertSame(
            [Advice::Add, 200],
            [($answer = (new LevelAdvisor())->advise(self::question('-0.5', false, true, 30), $coarse))->advice, $answer->amountMl],
        );
    }

    public function testFillsEndInsideTheBandWithTheFewestTopUps(): void
    {
        $this->forAll(
            Generators::choose(200, 3000),
            Generators::choose(0, 800),
            Generators::choose(30, 200),
            Generators::choose(50, 600),
            Generators::choose(5, 250),
            Generators::choose(0, 500),
        )->then(static function (int $span, int $low, int $width, int $most, int $step, int $start): void {
            $band = DipstickBand::of(self::text($low), self::text($low + $width));
            $dipstick = new DipstickSpec(Volume::ofMillilitres($span), $band, Volume::ofMillilitres($most), Volume::ofMillilitres($step));
            // readings are true to a ten-thousandth of the span
            $level = static fn (int $ml): string => \sprintf('%.4f', $ml / $span);
            $ml = intdiv(($low - $start) * $span, 1000);
            $lacking = (int) ceil($low * $span / 1000) - $ml;
            $pours = 0;
            $ask = static fn (int $ml): LevelAdvice => (new LevelAdvisor())->advise(
                self::question($level($ml), false, true, 30),
                $dipstick,
            );
            $answer = $ask($ml);
            for (; Advice::Add === $answer->advice && $pours < 200; ++$pours) {
                self::assertLessThanOrEqual($most, $answer->amountMl);
                $ml += $answer->amountMl;
                $answer = $ask($ml);
            }

            self::assertSame(Advice::Ok, $answer->advice);
            self::assertLessThanOrEqual($low + $width, $ml * 1000 / $span);
            self::assertLessThanOrEqual(
                (int) ceil(max(0, $lacking) / max(1, min($step, $most) * intdiv($most, min($step, $most)))),
                $pours,
            );
        });
    }

    /** @return iterable<string, array{string|null, int, string, Advice, int}> earlier reading, minutes ago, reading now */
    public static function pairs(): iterable
    {
        yield 'the first of two' => [null, 0, '0.60', Advice::Wait, 10];
        yield 'a minute too soon' => ['0.60', 9, '0.60', Advice::Wait, 1];
        yield 'ten minutes apart, the same' => ['0.60', 10, '0.60', Advice::Ok, 0];
        yield 'a hair less than a twentieth apart' => ['0.60', 10, '0.649', Advice::Ok, 0];
        yield 'a twentieth apart, still rising' => ['0.60', 10, '0.65', Advice::Wait, 10];
        yield 'a twentieth apart, falling' => ['0.65', 60, '0.60', Advice::Wait, 10];
        yield 'both agree that oil is lacking' => ['0.30', 10, '0.30', Advice::Add, 200];
        yield 'no oil is taken out on the first alone' => [null, 0, '1.10', Advice::Wait, 10];
    }

    #[DataProvider('pairs')]
    public function testTwoReadingsTenMinutesApartMustAgree(?string $before, int $ago, string $now, Advice $expected, int $amount): void
    {
        $earlier = null === $before ? null : new EarlierReading(DipstickReading::of($before), Minutes::of($ago));
        $question = new LevelQuestion(DipstickReading::of($now), false, true, Minutes::of(30), Minutes::of(30), true, $earlier);
        $advice = (new LevelAdvisor())->advise($question, self::dipstick());

        self::assertSame([$expected, $amount], [$advice->advice, Advice::Wait === $expected ? $advice->waitMin : $advice->amountMl]);
    }

    /** @return iterable<string, array{string}> */
    public static function offTheScale(): iterable
    {
        yield 'just above two spans' => ['2.01'];
        yield 'just below half a span under the low mark' => ['-0.51'];
        yield 'a comma' => ['0,5'];
    }

    #[DataProvider('offTheScale')]
    public function testRefusesAReadingOffTheScale(string $reading): void
    {
        $this->expectException(InvalidQuantity::class);
        DipstickReading::of($reading);
    }

    public function testTheEndsOfTheScaleAreReadings(): void
    {
        self::assertSame(['-0.5', '2'], [DipstickReading::of('-0.5')->text(), DipstickReading::of('2.0')->text()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noBands(): iterable
    {
        yield 'upside down' => ['0.7', '0.4'];
        yield 'without width' => ['0.5', '0.5'];
        yield 'above the top mark' => ['0.5', '1.01'];
        yield 'below the low mark' => ['-0.1', '0.5'];
    }

    #[DataProvider('noBands')]
    public function testRefusesABandOutsideTheMarks(string $low, string $high): void
    {
        $this->expectException(InvalidQuantity::class);
        DipstickBand::of($low, $high);
    }

    public function testNothingMovesOnAnUnsettledReading(): void
    {
        $this->forAll(Generators::choose(-500, 2000), Generators::bool(), Generators::bool(), Generators::choose(0, 200), Generators::choose(1, 200))
            ->then(static function (int $thousandths, bool $onArrival, bool $hasRun, int $rested, int $missing): void {
                $answer = (new LevelAdvisor())->advise(self::question(self::text($thousandths), $onArrival, $hasRun, $rested, $rested + $missing), self::dipstick());

                self::assertSame([Advice::Wait, $missing, 0], [$answer->advice, $answer->waitMin, $answer->amountMl]);
            });
    }

    public function testAnAdditionNeverPassesItsTargetNorTheLargestTopUp(): void
    {
        $this->forAll(Generators::choose(-500, 2000), Generators::bool())
            ->then(static function (int $thousandths, bool $hasRun): void {
                $answer = self::ask(self::text($thousandths), false, $hasRun, 30);
                if (Advice::Add === $answer->advice) {
                    $target = $hasRun ? 600 : 450;
                    self::assertGreaterThan(0, $answer->amountMl);
                    self::assertLessThanOrEqual(200, $answer->amountMl);
                    self::assertSame(0, $answer->amountMl % 50);
                    self::assertLessThanOrEqual($target, $thousandths + $answer->amountMl * 1000 / 800);
                }
                self::assertSame($thousandths > 1000, Advice::TakeOut === $answer->advice);
            });
    }

    private static function ask(string $reading, bool $onArrival, bool $hasRun, int $rested): LevelAdvice
    {
        return (new LevelAdvisor())->advise(self::question($reading, $onArrival, $hasRun, $rested), self::dipstick());
    }

    private static function question(string $reading, bool $onArrival, bool $hasRun, int $rested, int $required = 30): LevelQuestion
    {
        return new LevelQuestion(DipstickReading::of($reading), $onArrival, $hasRun, Minutes::of($rested), Minutes::of($required));
    }

    private static function dipstick(): DipstickSpec
    {
        return new DipstickSpec(Volume::whole(800), DipstickBand::of('0.45', '0.75'), Volume::whole(200), Volume::whole(50));
    }

    private static function text(int $thousandths): string
    {
        return \sprintf('%s%d.%03d', $thousandths < 0 ? '-' : '', intdiv(abs($thousandths), 1000), abs($thousandths) % 1000);
    }
}
