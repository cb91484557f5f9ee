<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Finding;

use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\InvalidShopAnswer;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Finding\ShopAnswersReader;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShopAnswersTest extends TestCase
{
    public function testAShopTakesAnAnswerMoreSeriously(): void
    {
        $answers = ShopAnswers::none()->raising('oil_fine_sheen', Verdict::Stop);
        $sheen = self::find($answers->at('oil_appearance'), 'oil_fine_sheen');

        self::assertSame(Verdict::Stop, $sheen->verdict);
        self::assertNotSame('', $sheen->instruction, 'whoever is stopped is told what to do');
        self::assertCount(\count(AnswerTable::at('oil_appearance')), $answers->at('oil_appearance'));
    }

    public function testAShopAddsAnAnswerOfItsOwn(): void
    {
        $answers = ShopAnswers::none()->adding('impeller', null, ' Worn at one side ', Verdict::Finding, 'Look at the liner.');
        $all = $answers->at('impeller');
        $own = $all[\count($all) - 1];

        self::assertSame(['Worn at one side', Verdict::Finding], [$own->label, $own->verdict]);
        self::assertEquals(AnswerTable::at('impeller'), \array_slice($all, 0, -1), 'the trade\'s stay as they are');
        self::assertEquals($answers, ShopAnswersReader::at(Cursor::over($answers->toArray())), 'it is read back');
    }

    public function testWordedAnewItKeepsItsCode(): void
    {
        $code = ShopAnswers::none()->adding('belt', null, 'Chirps', Verdict::Note, 'Look again.')->added['belt'][0]->code;
        $again = ShopAnswers::none()->adding('belt', $code, 'Chirps when cold', Verdict::Note, 'Look again.');

        self::assertSame($code, $again->added['belt'][0]->code);
    }

    /** @return iterable<string, array{\Closure(): ShopAnswers, string}> */
    public static function refused(): iterable
    {
        $none = ShopAnswers::none();
        yield 'a stop that would be a note' => [static fn () => $none->raising('oil_metal', Verdict::Note), 'finding.weaker'];
        yield 'a finding that stays one' => [static fn () => $none->raising('belt_worn', Verdict::Finding), 'finding.weaker'];
        yield 'an answer that there is not' => [static fn () => $none->raising('odd', Verdict::Stop), 'finding.unknown'];
        yield 'nothing left that is as it should be' => [static fn () => $none->raising('leaks_dry', Verdict::Note), 'finding.nothing_usual'];
        yield 'nothing of that kind' => [static fn () => $none->adding('odd', null, 'A', Verdict::Note, 'B'), 'finding.unknown'];
        yield 'the same words' => [static fn () => $none->adding('leaks', null, 'all DRY', Verdict::Note, 'B'), 'finding.answer_twice'];
        yield 'nothing is wrong' => [static fn () => $none->adding('leaks', null, 'Damp', Verdict::GoOn, 'B'), 'finding.light'];
        yield 'the code of another' => [static fn () => $none->adding('leaks', 'leaks_fuel', 'Damp', Verdict::Note, 'B'), 'finding.unknown'];
    }

    /** @param \Closure(): ShopAnswers $make */
    #[DataProvider('refused')]
    public function testTheTableIsNeverWeakened(\Closure $make, string $key): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidShopAnswer $error) {
            self::assertSame($key, $error->errorKey());
        }
    }

    public function testAFlawIsToldAtItsField(): void
    {
        $cursor = Cursor::over(['raised' => ['oil_metal' => 'note'], 'added' => ['belt' => [['label' => 'Chirps', 'verdict' => 'note', 'meaning' => ' ']]]]);
        ShopAnswersReader::at($cursor);

        try {
            $cursor->flaws->throwIfAny();
            self::fail('It was read.');
        } catch (InvalidDocument $error) {
            self::assertSame(['/raised/oil_metal', '/added/belt/0/meaning'], array_map(static fn (object $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    /** What the shop added when the order was issued is what its bench asks, and judges by. */
    public function testAnOrderIsWorkedOnByTheTableItWasIssuedWith(): void
    {
        $answers = ShopAnswers::none()->raising('oil_faint_fuel', Verdict::Finding)->adding('leaks', null, 'Sweats', Verdict::Finding, 'Wipe, run, look again.');
        $request = Requests::twin();
        $request['policy'] = [...(array) $request['policy'], 'answers' => $answers->toArray()];
        $day = BenchDay::of($request)->until('port.drain-valve.look');
        $day->enter('port.drain-valve.look', EntryContent::seenAs('oil_faint_fuel'));
        $leaks = array_values(array_filter($day->order->steps, static fn ($step): bool => 'leaks' === $step->entry))[0];
        $sweats = $answers->added['leaks'][0]->code;
        $day->until($leaks->id)->enter($leaks->id, EntryContent::seenAs($sweats));

        self::assertSame(['Faint smell of fuel, level normal', 'Sweats'], array_column($day->log->findings(), 'text'));

        $before = BenchDay::ofTwin()->until($leaks->id);
        $this->expectException(InvalidEntry::class);
        $before->enter($leaks->id, EntryContent::seenAs($sweats));
    }

    /** @param list<Answer> $answers */
    private static function find(array $answers, string $code): Answer
    {
        return array_column(array_map(static fn (Answer $answer): array => [$answer->code, $answer], $answers), 1, 0)[$code];
    }
}
