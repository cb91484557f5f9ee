<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Bench\Said\Tightened;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The water taxi's drain valve: 7 to 10 N·m, 8.5 aimed at. A wrench is trusted from a fifth of its scale up, for a year. */
final class WrenchRulesTest extends TestCase
{
    private const SMALL = 'W-25, 5–25 N·m';
    private const OTHER_SMALL = 'W-30, 6–30 N·m';
    private const LARGE = 'W-100, 20–100 N·m';
    private const TINY = 'W-8, 1.6–8 N·m';
    private const OLD = 'W-20, 4–20 N·m';

    public function testOnlyThoseThatHoldTheFigureAndAreInCalibrationFitAndTheOrdersChoiceIsFirst(): void
    {
        $figure = self::step()->tightening?->torque();
        self::assertNotNull($figure);

        // the smallest in calibration reads finest; the one of 20 N·m would be smaller, and is past its year
        self::assertSame([self::SMALL, self::OTHER_SMALL], self::rules()->fitting($figure));
        self::assertSame(WrenchRules::OTHER, self::rules()->names()[5]);
    }

    /** @return iterable<string, array{string, string, string, string|null}> torque in N·m, wrench, reason; the error */
    public static function entries(): iterable
    {
        yield 'the order\'s choice' => ['8.5', self::SMALL, '', null];
        yield 'another that holds it' => ['8.5', self::OTHER_SMALL, '', null];
        yield 'one that is too coarse' => ['8.5', self::LARGE, '', 'bench.wrench_without_reason'];
        yield 'one that is too coarse, with a reason' => ['8.5', self::LARGE, 'the small one is at the maker\'s', null];
        yield 'one past its calibration' => ['8.5', self::OLD, '', 'bench.wrench_without_reason'];
        yield 'one past its calibration, with a reason' => ['8.5', self::OLD, 'checked against the large one', null];
        yield 'one that can\'t reach it, whatever is said' => ['8.5', self::TINY, 'with an extension', 'bench.wrench_too_small'];
        yield 'a hammer' => ['8.5', 'a hammer', 'it was at hand', 'bench.unknown_wrench'];
        yield 'one that is not the shop\'s' => ['8.5', WrenchRules::OTHER, '', 'bench.wrench_without_reason'];
        yield 'one that is not the shop\'s, with a reason' => ['8.5', WrenchRules::OTHER, 'borrowed from the yard', null];
        yield 'a reason of blanks' => ['8.5', WrenchRules::OTHER, '   ', 'bench.wrench_without_reason'];
    }

    #[DataProvider('entries')]
    public function testAnotherWrenchNeedsAReasonAndOneThatCannotReachIsRefused(string $torque, string $wrench, string $reason, ?string $error): void
    {
        $content = new Tightened(Torque::of($torque, TorqueUnit::NewtonMetre), $wrench, $reason);
        $key = null;
        try {
            self::rules()->check(self::step(), $content);
        } catch (InvalidEntry $refused) {
            $key = $refused->errorKey();
        }

        self::assertSame($error, $key);
    }

    public function testTheReasonStandsInTheRecord(): void
    {
        $content = EntryContent::torque(Torque::of('8.5', TorqueUnit::NewtonMetre), WrenchRules::OTHER, 'borrowed from the yard');

        self::assertSame('8.5 N·m (≈ 6.3 ft·lb) with another torque wrench (borrowed from the yard)', $content->asText());
    }

    private static function step(): BenchStep
    {
        return IssuedOrderReader::read(Requests::document(Requests::twin()))->step('port.close-valve.close');
    }

    private static function rules(): WrenchRules
    {
        $wrench = static fn (string $full, string $calibrated): TorqueWrench => new TorqueWrench("W-$full", Torque::of($full, TorqueUnit::NewtonMetre), new \DateTimeImmutable($calibrated));

        return new WrenchRules([
            $wrench('100', '2026-01-10'),
            $wrench('30', '2026-01-10'),
            $wrench('25', '2025-03-18'),
            $wrench('20', '2025-03-17'),
            $wrench('8', '2026-01-10'),
        ], new \DateTimeImmutable('2026-03-18'));
    }
}
