<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Finding;

use Brick\Math\BigDecimal;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerForm;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\FigureRange;
use FreshTack\Core\Finding\InvalidAnswer;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Finding\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AskedMeasureTest extends TestCase
{
    /** @return iterable<string, array{Measure, string|null, string|null, string, string, Verdict}> */
    public static function figures(): iterable
    {
        yield 'a hair below' => [Measure::IntakeClearance, '0.17', '0.23', '0.169', 'below', Verdict::Finding];
        yield 'the least' => [Measure::IntakeClearance, '0.17', '0.23', '0.17', 'within', Verdict::GoOn];
        yield 'the most' => [Measure::IntakeClearance, '0.17', '0.23', '0.230', 'within', Verdict::GoOn];
        yield 'a hair above' => [Measure::IntakeClearance, '0.17', '0.23', '0.231', 'above', Verdict::Finding];
        yield 'no least: nothing is too little' => [Measure::ShaftPlay, null, '0.2', '0', 'within', Verdict::GoOn];
        yield 'play above the most' => [Measure::ShaftPlay, null, '0.2', '0.25', 'above', Verdict::Finding];
        yield 'nothing judges it' => [Measure::FullThrottle, null, null, '5200', 'figure', Verdict::GoOn];
        yield 'a gap is set, not found' => [Measure::PlugGap, '1.0', '1.1', '0.9', 'not_set', Verdict::Finding];
        yield 'a gap that is worn' => [Measure::PlugGapFound, '1.0', '1.1', '1.3', 'above', Verdict::Note];
        yield 'a gap as it is set' => [Measure::PlugGap, '1.0', '1.1', '1.0', 'within', Verdict::GoOn];
        yield 'below the band after the trial' => [Measure::LevelAfterTrial, '0.45', '0.75', '0.4', 'below', Verdict::Finding];
    }

    #[DataProvider('figures')]
    public function testAFigureIsHeldAgainstItsLimits(
        Measure $measure,
        ?string $min,
        ?string $max,
        string $figure,
        string $code,
        Verdict $verdict,
    ): void {
        $range = new FigureRange(self::decimal($min), self::decimal($max), $measure->unit());
        $judged = self::judged(
            $measure,
            [new AskedPlace('1', '', range: $range)],
            new PlaceAnswer('1', figures: [BigDecimal::of($figure)]),
        );

        self::assertSame([$code, $verdict], [$judged[0]->code, $judged[0]->verdict]);
    }

    /** @return iterable<string, array{string|null, string|null, string|null}> */
    public static function middles(): iterable
    {
        yield 'between two tenths' => ['1.0', '1.1', '1.05'];
        yield 'on a tenth' => ['1.0', '1.2', '1.1'];
        yield 'one figure' => ['0.8', '0.8', '0.8'];
        yield 'whole numbers' => ['9', '11', '10'];
        yield 'open below' => [null, '1.1', null];
        yield 'open above' => ['1.0', null, null];
    }

    /** What is set stands there before anybody looks. */
    #[DataProvider('middles')]
    public function testTheMiddleHasNoMoreDigitsThanItTakes(?string $min, ?string $max, ?string $middle): void
    {
        self::assertSame($middle, (new FigureRange(self::decimal($min), self::decimal($max), 'mm'))->middle());
    }

    /** 0.92 l is 31.1 US fl oz. */
    public function testAnAmountIsToldInBothUnits(): void
    {
        $place = new AskedPlace('1', '', range: new FigureRange(BigDecimal::of('0.828'), BigDecimal::of('1.012'), 'l'));
        $judged = self::judged(Measure::GearPoured, [$place], new PlaceAnswer('1', figures: [BigDecimal::of('0.92')]));

        self::assertSame('920 ml (31.1 US fl oz)', $judged[0]->text);
    }

    /** Two valves of one cylinder: one is right, the other too tight. */
    public function testTheWorseOfTwoFiguresCounts(): void
    {
        $range = new FigureRange(BigDecimal::of('0.17'), BigDecimal::of('0.23'), 'mm');
        $judged = self::judged(
            Measure::IntakeClearance,
            [new AskedPlace('1', 'cylinder 1', range: $range)],
            new PlaceAnswer('1', figures: [BigDecimal::of('0.20'), BigDecimal::of('0.15')]),
        );

        // 0.20 / 25.4 = 0.00787, 0.15 / 25.4 = 0.00591
        self::assertSame(['cylinder 1: 0.20 mm (0.008 in), 0.15 mm (0.006 in)', Verdict::Finding], [$judged[0]->text, $judged[0]->verdict]);
    }

    /** @return iterable<string, array{int, bool, string, Verdict}> renewed at 50 % left or less */
    public static function shares(): iterable
    {
        yield 'more than the share' => [51, false, 'left', Verdict::GoOn];
        yield 'at the share' => [50, false, 'spent', Verdict::Finding];
        yield 'spent and renewed' => [20, true, 'renewed', Verdict::GoOn];
        yield 'renewed early' => [70, true, 'renewed', Verdict::GoOn];
        yield 'untouched' => [100, false, 'untouched', Verdict::Note];
    }

    #[DataProvider('shares')]
    public function testAnAnodeIsSpentAtItsShare(int $share, bool $renewed, string $code, Verdict $verdict): void
    {
        $place = new AskedPlace('1', 'trim tab', renewAt: 50, part: 'QV-1');
        $judged = self::judged(Measure::AnodeLeft, [$place], new PlaceAnswer('1', share: $share, renewed: $renewed));

        self::assertSame([$code, $verdict], [$judged[0]->code, $judged[0]->verdict]);
    }

    /** No share is too small where the sheet renews them all. */
    public function testAnAnodeThatIsRenewedInAnyCaseIsNoFinding(): void
    {
        $judged = self::judged(Measure::AnodeLeft, [new AskedPlace('1', 'trim tab')], new PlaceAnswer('1', share: 10));

        self::assertSame(['left', Verdict::GoOn], [$judged[0]->code, $judged[0]->verdict]);
    }

    /** @return iterable<string, array{non-empty-list<string>, list<Verdict>}> */
    public static function plugs(): iterable
    {
        [$fine, $note, $bad] = [Verdict::GoOn, Verdict::Note, Verdict::Finding];
        yield 'all alike' => [['plug_tan', 'plug_tan', 'plug_tan', 'plug_tan'], [$fine, $fine, $fine, $fine]];
        yield 'all sooty' => [['plug_sooty', 'plug_sooty', 'plug_sooty'], [$note, $note, $note]];
        yield 'one sooty' => [['plug_tan', 'plug_sooty', 'plug_tan', 'plug_tan'], [$fine, $bad, $fine, $fine]];
        yield 'one clean among sooty ones' => [['plug_sooty', 'plug_sooty', 'plug_tan'], [$note, $note, $bad]];
        yield 'two and two: none is unlike the rest' => [
            ['plug_tan', 'plug_sooty', 'plug_tan', 'plug_sooty'],
            [$fine, $note, $fine, $note],
        ];
        yield 'two plugs are no set' => [['plug_tan', 'plug_sooty'], [$fine, $note]];
        yield 'one melted stays a finding of its own' => [['plug_tan', 'plug_white', 'plug_tan'], [$fine, $bad, $fine]];
    }

    /**
     * @param non-empty-list<string> $codes
     * @param list<Verdict> $verdicts
     */
    #[DataProvider('plugs')]
    public function testPlugsAreReadAsASet(array $codes, array $verdicts): void
    {
        $places = array_map(static fn (int $number): AskedPlace => new AskedPlace((string) $number, 'plug '.$number), array_keys($codes));
        $given = array_map(
            static fn (string $code, int $number): PlaceAnswer => new PlaceAnswer((string) $number, $code),
            $codes,
            array_keys($codes),
        );
        $judged = self::judged(Measure::PlugLook, $places, ...$given);

        self::assertSame($verdicts, array_map(static fn (Judged $each): Verdict => $each->verdict, $judged));
    }

    /** @return iterable<string, array{Measure, AskedPlace, list<PlaceAnswer>, string}> */
    public static function refused(): iterable
    {
        $belt = new AskedPlace('1', '');
        $gap = new AskedPlace('1', 'plug 1', range: new FigureRange(BigDecimal::of('1.0'), BigDecimal::of('1.1'), 'mm'));
        yield 'nothing' => [Measure::Belt, $belt, [], 'finding.missing'];
        yield 'a place without its answer' => [Measure::Belt, $belt, [new PlaceAnswer('1')], 'finding.missing'];
        yield 'no figure' => [Measure::PlugGap, $gap, [new PlaceAnswer('1', 'plug_tan')], 'finding.missing'];
        yield 'no share' => [Measure::AnodeLeft, $belt, [new PlaceAnswer('1', renewed: true)], 'finding.missing'];
        yield 'an answer to something else' => [Measure::Belt, $belt, [new PlaceAnswer('1', 'plug_tan')], 'finding.unknown_answer'];
        yield 'another place' => [Measure::Belt, $belt, [new PlaceAnswer('2', 'belt_sound')], 'finding.unknown_place'];
        yield 'the same place twice' => [
            Measure::Belt,
            $belt,
            [new PlaceAnswer('1', 'belt_sound'), new PlaceAnswer('1', 'belt_worn')],
            'finding.twice',
        ];
        yield 'a noise without words' => [Measure::Noise, $belt, [new PlaceAnswer('1', 'noise_heard')], 'finding.words'];
        yield 'ten times the most and more: the point is missing' => [
            Measure::PlugGap,
            $gap,
            [new PlaceAnswer('1', figures: [BigDecimal::of('110')])],
            'finding.off_scale',
        ];
        yield 'two figures where one is asked for' => [
            Measure::PlugGap,
            $gap,
            [new PlaceAnswer('1', figures: [BigDecimal::of('1.0'), BigDecimal::of('1.1')])],
            'finding.one_figure',
        ];
        yield 'renewed, and nothing lay ready' => [
            Measure::AnodeLeft,
            $belt,
            [new PlaceAnswer('1', share: 10, renewed: true)],
            'finding.nothing_to_renew',
        ];
        yield 'below nothing' => [Measure::PlugGap, $gap, [new PlaceAnswer('1', figures: [BigDecimal::of('-1')])], 'finding.off_scale'];
        yield 'more than all of it' => [Measure::AnodeLeft, $belt, [new PlaceAnswer('1', share: 101)], 'finding.off_scale'];
    }

    /** @param list<PlaceAnswer> $given */
    #[DataProvider('refused')]
    public function testWhatIsNoAnswerIsRefused(Measure $measure, AskedPlace $place, array $given, string $key): void
    {
        try {
            self::judged($measure, [$place], ...$given);
            self::fail('It was taken.');
        } catch (InvalidAnswer $error) {
            self::assertSame($key, $error->errorKey());
        }
    }

    /** @return iterable<string, array{Measure}> */
    public static function choices(): iterable
    {
        foreach (Measure::cases() as $measure) {
            if (AnswerForm::Choice === $measure->form() && Measure::InspectionPoint !== $measure) {
                yield $measure->value => [$measure];
            }
        }
    }

    /** The first is what is seen on a good day; no code stands for two things; a stop says what to do at once. */
    #[DataProvider('choices')]
    public function testTheTradesTableIsWhole(Measure $measure): void
    {
        $answers = AnswerTable::of($measure);

        self::assertSame(Verdict::GoOn, $answers[0]->verdict ?? null);
        self::assertNotSame(
            [],
            array_filter($answers, static fn (Answer $each): bool => Verdict::GoOn !== $each->verdict),
            'something can be found',
        );
        foreach ($answers as $answer) {
            self::assertEquals($answer, AnswerTable::find($answer->code), 'no code stands for two things');
            self::assertSame(Verdict::Stop === $answer->verdict, '' !== $answer->instruction, $answer->code);
        }
    }

    /**
     * @param non-empty-list<AskedPlace> $places
     *
     * @return list<Judged>
     *
     * @throws InvalidAnswer
     */
    private static function judged(Measure $measure, array $places, PlaceAnswer ...$given): array
    {
        return (new AskedMeasure($measure, $places, AnswerTable::of($measure)))->judge(array_values($given));
    }

    private static function decimal(?string $figure): ?BigDecimal
    {
        return null === $figure ? null : BigDecimal::of($figure);
    }
}
