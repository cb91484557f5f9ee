<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fastening;

use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Fastening\TurnsAfterContact;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TighteningTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> as written, as shown, as exact fraction, with unit */
    public static function turns(): iterable
    {
        yield 'a fraction' => ['3/4', '¾', '3/4', '¾ turn'];
        yield 'a mixed number' => ['2 1/2', '2½', '2 1/2', '2½ turns'];
        yield 'a decimal' => ['1.25', '1¼', '1 1/4', '1¼ turns'];
        yield 'a whole turn' => ['1', '1', '1', '1 turn'];
        yield 'not in lowest terms' => ['6/8', '¾', '3/4', '¾ turn'];
        yield 'improper' => ['3/2', '1½', '1 1/2', '1½ turns'];
        yield 'a part without a sign of its own' => ['5/12', '5/12', '5/12', '5/12 turn'];
    }

    #[DataProvider('turns')]
    public function testReadsTurnsAsPeopleWriteThem(string $written, string $shown, string $exact, string $withUnit): void
    {
        $turns = Turns::of($written);

        self::assertSame([$shown, $exact, $withUnit], [$turns->text(), $turns->exact(), $turns->withUnit()]);
        self::assertSame($exact, Turns::of($turns->exact())->exact());
    }

    /** @return iterable<string, array{string}> */
    public static function noTurns(): iterable
    {
        yield 'none' => ['0'];
        yield 'below zero' => ['-1'];
        yield 'a zero below the line' => ['1/0'];
        yield 'words' => ['a half'];
        yield 'more than anybody turns' => ['20 1/8'];
        yield 'blank' => [''];
    }

    #[DataProvider('noTurns')]
    public function testRefusesWhatIsNoNumberOfTurns(string $written): void
    {
        $this->expectException(InvalidTightening::class);
        Turns::of($written);
    }

    /** @return iterable<string, array{string, TorqueUnit, bool}> */
    public static function usedTorques(): iterable
    {
        yield 'the least' => ['7', TorqueUnit::NewtonMetre, true];
        yield 'just below the least' => ['6.99', TorqueUnit::NewtonMetre, false];
        yield 'the most' => ['10', TorqueUnit::NewtonMetre, true];
        yield 'just above the most' => ['10.01', TorqueUnit::NewtonMetre, false];
        yield 'inside, in another unit' => ['6.3', TorqueUnit::FootPound, true];
        // 8.5 ft·lb are 11.5 N·m: the figure of one unit entered in the other
        yield 'the figure in the wrong unit' => ['8.5', TorqueUnit::FootPound, false];
    }

    #[DataProvider('usedTorques')]
    public function testTakesATorqueWithinItsRangeOnly(string $value, TorqueUnit $unit, bool $accepted): void
    {
        if (!$accepted) {
            $this->expectException(InvalidTightening::class);
        }
        self::closing()->accept(Torque::of($value, $unit));
        self::assertTrue($accepted);
    }

    public function testATorqueShowsRangeConversionAndThread(): void
    {
        self::assertSame('8.5 N·m', self::closing()->figure());
        self::assertSame('7 – 10 N·m · ≈ 6.3 ft·lb · clean and dry thread', self::closing()->detail());
        self::assertSame('torque', self::closing()->entryKind());
    }

    public function testATorqueRangeRunsUpwards(): void
    {
        $this->expectException(InvalidTightening::class);
        TorqueTightening::of(self::nm('9'), self::nm('8.5'), self::nm('10'), ThreadState::Dry);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function usedTurns(): iterable
    {
        yield 'the least' => ['5/8', true];
        yield 'between' => ['3/4', true];
        yield 'the most' => ['7/8', true];
        yield 'an eighth too little' => ['1/2', false];
        yield 'an eighth too much' => ['1', false];
    }

    #[DataProvider('usedTurns')]
    public function testTakesTurnsWithinTheirRangeOnly(string $turns, bool $accepted): void
    {
        if (!$accepted) {
            $this->expectException(InvalidTightening::class);
        }
        TurnsAfterContact::of(Turns::of('5/8'), Turns::of('7/8'))->range->accept(Turns::of($turns));
        self::assertTrue($accepted);
    }

    public function testTurnsShowARangeOrASingleFigure(): void
    {
        self::assertSame('⅝ – ⅞ turn', TurnsAfterContact::of(Turns::of('5/8'), Turns::of('7/8'))->figure());
        self::assertSame('¾ turn', TurnsAfterContact::of(Turns::of('3/4'), Turns::of('3/4'))->figure());
    }

    public function testTurnsRunUpwards(): void
    {
        $this->expectException(InvalidTightening::class);
        TurnsAfterContact::of(Turns::of('1'), Turns::of('3/4'));
    }

    private static function closing(): TorqueTightening
    {
        return TorqueTightening::of(self::nm('7'), self::nm('8.5'), self::nm('10'), ThreadState::Dry);
    }

    private static function nm(string $value): Torque
    {
        return Torque::of($value, TorqueUnit::NewtonMetre);
    }
}
