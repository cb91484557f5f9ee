<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fastening;

use FreshTack\Core\Fastening\Crowfoot;
use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Fastening\StagedTorque;
use FreshTack\Core\Fastening\StandIn;
use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Fastening\ThreadWarning;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Fastening\WrenchChoice;
use FreshTack\Core\Fastening\WrenchChooser;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WrenchTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string|null}> min, nominal, max in N·m, wrench */
    public static function figures(): iterable
    {
        yield 'the smaller of two that hold it' => ['20', '22', '24', 'A'];
        yield 'a fifth of the scale is just enough' => ['5', '6', '7', 'A'];
        yield 'below a fifth of every scale' => ['4.5', '4.9', '7', null];
        yield 'the full scale is just enough' => ['90', '95', '100', 'B'];
        yield 'the aim is above every scale' => ['99', '100.1', '102', null];
        // 50 ft·lb are 67.8 N·m: B, of 100 N·m, and D hold it; D reads finer but nobody calibrated it this year
        yield 'one in calibration before a finer one that is not' => ['40', '45', '50', 'B'];
    }

    #[DataProvider('figures')]
    public function testPicksTheWrenchWhoseRangeHoldsTheFigure(string $min, string $nominal, string $max, ?string $id): void
    {
        $wrenches = [self::wrench('B', '100', TorqueUnit::NewtonMetre, '2026-01-10'), self::wrench('A', '25', TorqueUnit::NewtonMetre, '2026-02-01'), self::wrench('D', '50', TorqueUnit::FootPound, '2024-06-01')];
        $choice = (new WrenchChooser($wrenches))->choose(self::torque($min, $nominal, $max), new \DateTimeImmutable('2026-03-18'));

        self::assertSame($id, $choice->wrench?->id);
        self::assertSame(null === $id, null !== $choice->warning);
    }

    public function testWhereOnlyTheAimIsReachedItSaysSo(): void
    {
        $choose = static fn (string $min, string $nominal, string $max): WrenchChoice => (new WrenchChooser([self::wrench('B', '100', TorqueUnit::NewtonMetre, '2026-01-10')]))->choose(self::torque($min, $nominal, $max), new \DateTimeImmutable('2026-03-18'));

        self::assertSame(['B', 'It reaches the aim, but not all of 90 – 100.1 N·m.'], [$choose('90', '95', '100.1')->wrench?->id, $choose('90', '95', '100.1')->warning]);
        self::assertSame(['B', 'It reaches the aim, but not all of 18 – 22 N·m.'], [$choose('18', '20', '22')->wrench?->id, $choose('18', '20', '22')->warning]);
        self::assertSame(['B', null], [$choose('20', '22', '24')->wrench?->id, $choose('20', '22', '24')->warning]);
    }

    public function testAStageBelowAWrenchsRangeAsksForAnother(): void
    {
        $nm = static fn (string $figure): Torque => Torque::of($figure, TorqueUnit::NewtonMetre);
        $staged = StagedTorque::of([$nm('8'), $nm('45'), $nm('58')], $nm('55'), $nm('61'), ThreadState::Oiled, Pattern::Any);
        $told = static fn (?TorqueWrench $wrench): array => array_map(static fn (Torque $stage): string => $stage->given, $staged->below($wrench));

        // a fifth of 100 N·m is 20
        self::assertSame(['8'], $told(self::wrench('B', '100', TorqueUnit::NewtonMetre, '2026-01-10')));
        // of 250 it is 50
        self::assertSame(['8', '45'], $told(self::wrench('C', '250', TorqueUnit::NewtonMetre, '2026-01-10')));
        // whatever wrench reaches 58 is trusted from 11.6 at the least
        self::assertSame(['8'], $told(null));
    }

    public function testAYearToTheDayStillCountsAsCalibrated(): void
    {
        $choose = static fn (string $day): ?string => (new WrenchChooser([self::wrench('A', '25', TorqueUnit::NewtonMetre, '2025-03-18')]))->choose(self::torque('8', '9', '10'), new \DateTimeImmutable($day))->warning;

        self::assertNull($choose('2026-03-18'));
        self::assertSame('Its calibration of 18 Mar 2025 is older than a year.', $choose('2026-03-19'));
    }

    public function testACalibrationCountsForAsLongAsItsWrenchSays(): void
    {
        $wrench = new TorqueWrench('A', Torque::of('25', TorqueUnit::NewtonMetre), new \DateTimeImmutable('2026-01-31'), 6);

        self::assertTrue($wrench->isCalibrated(new \DateTimeImmutable('2026-07-31')));
        self::assertFalse($wrench->isCalibrated(new \DateTimeImmutable('2026-08-01')));
        self::assertSame('Its calibration of 31 Jan 2026 is older than 6 months.', $wrench->overdue());
    }

    public function testAWrenchIsNamedWithTheRangeInWhichItIsTrusted(): void
    {
        self::assertSame('TW-4, 10–50 ft·lb', self::wrench('TW-4', '50', TorqueUnit::FootPound, '2026-01-01')->name());
    }

    /** @return iterable<string, array{int, string}> degrees, setting for 60 N·m, lever 400 mm, offset 50 mm */
    public static function crowfoots(): iterable
    {
        // 60 × 400 / 450
        yield 'straight on' => [0, '53.3'];
        // 50 × cos 45° = 35.36: 60 × 400 / 435.36
        yield 'at 45°' => [45, '55.1'];
        yield 'at a right angle nothing changes' => [90, '60.0'];
        // 60 × 400 / 350
        yield 'folded back' => [180, '68.6'];
    }

    #[DataProvider('crowfoots')]
    public function testACrowfootChangesTheSetting(int $degrees, string $setting): void
    {
        $lever = Length::of('400', LengthUnit::Millimetre);

        self::assertSame($setting, Crowfoot::setting(Torque::of('60', TorqueUnit::NewtonMetre), $lever, Length::of('50', LengthUnit::Millimetre), $degrees)->given);
    }

    public function testACrowfootThatReachesBackBeyondTheGripIsRefused(): void
    {
        $this->expectException(InvalidQuantity::class);
        Crowfoot::setting(Torque::of('60', TorqueUnit::NewtonMetre), Length::of('2', LengthUnit::Inch), Length::of('60', LengthUnit::Millimetre), 180);
    }

    /** @return iterable<string, array{string, LengthUnit, string|null}> */
    public static function heads(): iterable
    {
        yield '5/16 in is 7.94 mm, too small for a full 8 mm head' => ['8', LengthUnit::Millimetre, null];
        yield '1/2 in is 12.7 mm and rounds a 12 mm head' => ['12', LengthUnit::Millimetre, null];
        // 3/4 in = 19.05 mm
        yield '3/4 in over 19 mm by 0.05' => ['19', LengthUnit::Millimetre, '3/4 in'];
        // 9/16 in = 14.2875 mm
        yield '9/16 in over 14 mm by 0.29' => ['14', LengthUnit::Millimetre, '9/16 in'];
        yield '8 mm over 5/16 in by 0.06' => ['0.3125', LengthUnit::Inch, '8 mm'];
        yield '13 mm over 1/2 in by the whole tolerance' => ['1/2', LengthUnit::Inch, '13 mm'];
        // 1 3/16 in = 30.1625 mm
        yield '1 3/16 in over 30 mm by 0.16' => ['30', LengthUnit::Millimetre, '1 3/16 in'];
        // 1 5/16 in = 33.3375 mm, by 0.34 too wide for 33
        yield 'none for 33 mm' => ['33', LengthUnit::Millimetre, null];
    }

    #[DataProvider('heads')]
    public function testANearSizeStandsInOnlyIfItIsALittleLarger(string $head, LengthUnit $unit, ?string $standIn): void
    {
        self::assertSame($standIn, StandIn::for(Length::of($head, $unit)));
    }

    public function testTheShopsHabitWithThreadsIsHeldAgainstTheFigure(): void
    {
        $greased = TorqueTightening::of(...[...array_map(static fn (string $value): Torque => Torque::of($value, TorqueUnit::NewtonMetre), ['8', '9', '10']), ThreadState::Greased]);

        self::assertSame('The figure assumes greased thread; the shop\'s habit is clean and dry. Here the sheet counts.', ThreadWarning::of($greased, Schools::standard()));
        self::assertNull(ThreadWarning::of($greased, Schools::standard()->with(Question::Threads, 'marine_grease')));
    }

    private static function wrench(string $id, string $scale, TorqueUnit $unit, string $calibrated): TorqueWrench
    {
        return new TorqueWrench($id, Torque::of($scale, $unit), new \DateTimeImmutable($calibrated));
    }

    private static function torque(string $min, string $nominal, string $max): TorqueTightening
    {
        return TorqueTightening::of(Torque::of($min, TorqueUnit::NewtonMetre), Torque::of($nominal, TorqueUnit::NewtonMetre), Torque::of($max, TorqueUnit::NewtonMetre), ThreadState::Dry);
    }
}
