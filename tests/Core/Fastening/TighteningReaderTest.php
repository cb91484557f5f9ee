<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fastening;

use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Fastening\TighteningReader;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TighteningReaderTest extends TestCase
{
    private const TORQUE = ['kind' => 'torque', 'min' => '18', 'nominal' => '20', 'max' => '22', 'unit' => 'nm', 'thread' => 'dry'];

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> written, figure, detail, entry */
    public static function kinds(): iterable
    {
        yield 'a torque' => [self::TORQUE, '20 N·m', '18 – 22 N·m · ≈ 14.8 ft·lb · clean and dry thread', 'torque'];
        yield 'a torque crosswise, another for a used washer' => [[...self::TORQUE, 'pattern' => 'cross', 'reused' => ['min' => '21', 'nominal' => '23', 'max' => '25']], '20 N·m', '18 – 22 N·m · ≈ 14.8 ft·lb · clean and dry thread · crosswise · washer used again: 23 N·m (21 – 25 N·m)', 'torque'];
        yield 'stages' => [['kind' => 'torque_stages', 'stages' => ['25', '45', '58'], 'min' => '55', 'max' => '61', 'unit' => 'nm', 'thread' => 'anti_seize', 'pattern' => 'spiral'], '25 → 45 → 58 N·m', '3 stages, the last 55 – 61 N·m · ≈ 42.8 ft·lb · anti-seize on the thread · in a spiral from the centre', 'torque'];
        yield 'torque and two angles' => [
            [...self::TORQUE, 'kind' => 'torque_angle', 'angle' => 60, 'secondAngle' => 30],
            '20 N·m + 60° + 30°',
            '18 – 22 N·m · ≈ 14.8 ft·lb · clean and dry thread · all by the first angle, then all by the second',
            'torque',
        ];
        yield 'torque and angle' => [[...self::TORQUE, 'kind' => 'torque_angle', 'angle' => 60], '20 N·m + 60°', '18 – 22 N·m · ≈ 14.8 ft·lb · clean and dry thread', 'torque'];
        yield 'turns after contact' => [['kind' => 'turns_after_contact', 'min' => '3/4', 'max' => '7/8'], '¾ – ⅞ turn', 'counted from where the gasket first touches', 'turns'];
        yield 'turns after the washer seats' => [['kind' => 'turns_after_seating', 'min' => '1/2', 'max' => '2/3', 'reused' => ['min' => '1/12', 'max' => '1/8']], '½ – ⅔ turn', 'counted from where the washer seats · washer used again: 1/12 – ⅛ turn', 'turns'];
        yield 'by hand' => [['kind' => 'hand_tight'], 'hand-tight', 'no tool; not with a wrench', 'tick'];
        yield 'until it clicks' => [['kind' => 'until_click'], 'until it clicks', 'no figure; the click is the check', 'tick'];
    }

    /** @param array<string, mixed> $written */
    #[DataProvider('kinds')]
    public function testEveryKindHasItsFigureAndItsEntry(array $written, string $figure, string $detail, string $entry): void
    {
        $cursor = Cursor::over($written);
        $read = TighteningReader::at($cursor);
        $cursor->flaws->throwIfAny();
        self::assertSame([$figure, $detail, $entry], [$read?->figure(), $read?->detail(), $read?->entryKind()]);
        self::assertSame(['torque' === $entry, 'turns' === $entry], [null !== $read?->torque(), null !== $read?->turns()]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> written, where the flaws are */
    public static function flawed(): iterable
    {
        yield 'no kind' => [[], ['/kind', '/kind']];
        yield 'stages that fall' => [['kind' => 'torque_stages', 'stages' => ['45', '25'], 'min' => '20', 'max' => '30', 'unit' => 'nm', 'thread' => 'dry'], ['']];
        yield 'one stage' => [['kind' => 'torque_stages', 'stages' => ['45'], 'min' => '40', 'max' => '50', 'unit' => 'nm', 'thread' => 'dry'], ['/stages', '']];
        yield 'a last stage outside its range' => [['kind' => 'torque_stages', 'stages' => ['25', '45'], 'min' => '46', 'max' => '50', 'unit' => 'nm', 'thread' => 'dry'], ['']];
        yield 'a second angle without a first' => [
            [
                'kind' => 'torque_stages', 'stages' => ['10', '20'], 'min' => '19', 'max' => '21',
                'unit' => 'nm', 'thread' => 'dry', 'secondAngle' => 30,
            ],
            ['/secondAngle'],
        ];
        yield 'an angle of nothing' => [[...self::TORQUE, 'kind' => 'torque_angle', 'angle' => 0], ['/angle']];
        yield 'a pattern that is none' => [[...self::TORQUE, 'pattern' => 'zigzag'], ['/pattern']];
        yield 'a used washer upside down' => [[...self::TORQUE, 'reused' => ['min' => '25', 'nominal' => '23', 'max' => '21']], ['']];
    }

    /**
     * @param array<string, mixed> $written
     * @param list<string>         $pointers
     */
    #[DataProvider('flawed')]
    public function testNotesWhatIsWrong(array $written, array $pointers): void
    {
        $cursor = Cursor::over($written);
        TighteningReader::at($cursor);

        try {
            $cursor->flaws->throwIfAny();
            self::fail('Nothing was noted.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    public function testAnEntryIsHeldAgainstTheLastStage(): void
    {
        $read = TighteningReader::at(Cursor::over(['kind' => 'torque_stages', 'stages' => ['25', '58'], 'min' => '55', 'max' => '61', 'unit' => 'nm', 'thread' => 'dry']));
        $read?->torque()?->accept(Torque::of('61', TorqueUnit::NewtonMetre));
        $this->expectException(InvalidTightening::class);
        $read?->torque()?->accept(Torque::of('25', TorqueUnit::NewtonMetre));
    }
}
