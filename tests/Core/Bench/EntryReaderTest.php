<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EntryReaderTest extends TestCase
{
    /** @return iterable<string, array{EntryKind, array<string, mixed>, string}> */
    public static function sound(): iterable
    {
        yield 'an observation' => [EntryKind::Observation, ['observation' => 'oil_black'], 'Black or brown, clear of water and metal'];
        yield 'the look of the oil and how much there was, in a word' => [
            EntryKind::Observation,
            ['observation' => 'oil_black', 'amount' => 'little'],
            'Black or brown, clear of water and metal; little came out',
        ];
        yield 'the look of the oil and how much there was' => [
            EntryKind::Observation,
            ['observation' => 'oil_black', 'volume' => ['value' => '3.9', 'unit' => 'l']],
            'Black or brown, clear of water and metal; 3.9 l (4.12 US qt) came out',
        ];
        yield 'a pour in quarts' => [EntryKind::Poured, ['volume' => ['value' => '5.2', 'unit' => 'us_qt']], 'poured 5.2 US qt (4.92 l)'];
        yield 'a level' => [EntryKind::Level, ['reading' => '0.55', 'restMin' => 25], 'level 0.55 after 25 min of rest'];
        yield 'a torque' => [EntryKind::Torque, ['torque' => '8.5', 'unit' => 'nm', 'wrench' => 'TW-1'], '8.5 N·m (≈ 6.3 ft·lb) with TW-1'];
        yield 'turns' => [EntryKind::Turns, ['turns' => '3/4'], '¾ turn after contact'];
        yield 'a count' => [EntryKind::Count, ['in' => 4, 'out' => 4], '4 in, 4 out'];
        yield 'a level whose rest the log counts' => [EntryKind::Level, ['reading' => '0.55'], 'level 0.55 after 0 min of rest'];
        yield 'a reason' => [EntryKind::NotDone, ['text' => 'seized'], 'could not: seized'];
        yield 'a cause says it by itself' => [EntryKind::NotDone, ['cause' => 'part_short'], 'could not: part short'];
        yield 'a cause with words, of a whole task' => [
            EntryKind::NotDone,
            ['cause' => 'damaged', 'text' => 'flange', 'whole' => true],
            'task not done: damaged, flange',
        ];
        yield 'a task dropped' => [EntryKind::Dropped, ['text' => 'The owner does it.'], 'task dropped: The owner does it.'];
        yield 'time that a demo lets pass' => [EntryKind::Waited, ['minutes' => 6], 'the demo let 6 min pass'];
        yield 'a part that went on' => [EntryKind::PartUsed, ['number' => 'QV-61060', 'count' => 1], '1 × QV-61060 went on'];
        yield 'a part that was not needed' => [EntryKind::PartUsed, ['number' => 'QV-61060', 'count' => 0], 'QV-61060 was not needed'];
        yield 'something found' => [
            EntryKind::Found,
            ['spot' => 'gearcase', 'text' => 'skeg cracked', 'verdict' => 'finding'],
            'found at the gearcase: skeg cracked',
        ];
        yield 'put right' => [
            EntryKind::Settled,
            ['entry' => 'e-1', 'place' => '2', 'how' => 'done', 'text' => 'seal renewed'],
            'put right here: seal renewed',
        ];
        yield 'put to the owner' => [
            EntryKind::Settled,
            ['entry' => 'e-1', 'how' => 'owner', 'text' => 'told at noon'],
            'put to the owner: told at noon',
        ];
        yield 'a tick' => [EntryKind::Tick, [], 'done'];
    }

    /** @param array<string, mixed> $value */
    #[DataProvider('sound')]
    public function testReadsWhatTheBenchSends(EntryKind $kind, array $value, string $text): void
    {
        self::assertSame($text, EntryReader::content($kind, Cursor::over($value))?->asText());
    }

    /** @return iterable<string, array{EntryKind, array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield 'something found nowhere' => [EntryKind::Found, ['spot' => 'keel', 'text' => 'odd', 'verdict' => 'note'], '/spot'];
        yield 'something found without words' => [EntryKind::Found, ['spot' => 'boat', 'text' => '  ', 'verdict' => 'note'], '/text'];
        yield 'something found that is nothing' => [
            EntryKind::Found,
            ['spot' => 'boat', 'text' => 'odd', 'verdict' => 'go_on'],
            '/verdict',
        ];
        yield 'put right, and nobody says how' => [EntryKind::Settled, ['entry' => 'e-1', 'how' => 'done'], '/text'];
        yield 'waits, and nobody says why' => [EntryKind::Settled, ['entry' => 'e-1', 'how' => 'waits'], '/text'];
        yield 'put to an owner of blanks' => [EntryKind::Settled, ['entry' => 'e-1', 'how' => 'owner', 'text' => ' '], '/text'];
        yield 'a figure with a comma' => [
            EntryKind::Measured,
            ['answers' => [['place' => '1', 'figures' => ['1,0']]]],
            '/answers/0/figures/0',
        ];
        yield 'a word that nobody knows' => [
            EntryKind::Measured,
            ['answers' => [['place' => '1', 'colour' => 'red']]],
            '/answers/0/colour',
        ];
        yield 'more than all of it' => [EntryKind::Measured, ['answers' => [['place' => '1', 'share' => 101]]], '/answers/0/share'];
        yield 'an observation that is none' => [EntryKind::Observation, ['observation' => 'odd'], '/observation'];
        yield 'how much came out, where nothing did' => [EntryKind::Observation, ['observation' => 'leaks_dry', 'amount' => 'little'], '/amount'];
        yield 'a word beside what was measured' => [
            EntryKind::Observation,
            ['observation' => 'oil_black', 'amount' => 'little', 'volume' => ['value' => '3.9', 'unit' => 'l']],
            '/amount',
        ];
        yield 'a pour without unit' => [EntryKind::Poured, ['volume' => ['value' => '5.2']], '/volume/unit'];
        yield 'a pour with a comma' => [EntryKind::Poured, ['volume' => ['value' => '5,2', 'unit' => 'l']], '/volume'];
        yield 'a level with its rest in words' => [EntryKind::Level, ['reading' => '0.55', 'restMin' => 'long'], '/restMin'];
        yield 'a level off the scale' => [EntryKind::Level, ['reading' => '3', 'restMin' => 25], '/reading'];
        yield 'a torque without wrench' => [EntryKind::Torque, ['torque' => '8.5', 'unit' => 'nm', 'wrench' => ''], '/wrench'];
        yield 'a torque without figure' => [EntryKind::Torque, ['torque' => '', 'unit' => 'nm', 'wrench' => 'TW-1'], '/torque'];
        yield 'turns in words' => [EntryKind::Turns, ['turns' => 'much'], '/turns'];
        yield 'a count below zero' => [EntryKind::Count, ['in' => -1, 'out' => 4], '/in'];
        yield 'could not, by a cause that is none' => [EntryKind::NotDone, ['text' => 'x', 'cause' => 'tired'], '/cause'];
        yield 'something else, without words' => [EntryKind::NotDone, ['text' => ' ', 'cause' => 'other'], '/text'];
        yield 'a task dropped without a reason' => [EntryKind::Dropped, ['text' => ' '], '/text'];
        yield 'no time that passes' => [EntryKind::Waited, ['minutes' => 0], '/minutes'];
        yield 'could not, without a reason' => [EntryKind::NotDone, ['text' => '  '], '/text'];
        yield 'a decision without words' => [EntryKind::Decision, [], '/text'];
    }

    /** @param array<string, mixed> $value */
    #[DataProvider('broken')]
    public function testNotesAFlawAtItsField(EntryKind $kind, array $value, string $pointer): void
    {
        $cursor = Cursor::over($value);
        EntryReader::content($kind, $cursor);
        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            self::assertContains($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));

            return;
        }
        self::fail('It was read.');
    }

    public function testWhateverStopsTheJobSaysWhatToDoAtOnce(): void
    {
        foreach (Observation::cases() as $observation) {
            self::assertSame(Verdict::Stop === $observation->verdict(), null !== $observation->instruction(), $observation->value);
            self::assertNotSame('', $observation->label().$observation->meaning());
        }
    }

    public function testEveryQuestionHasAnAnswerThatGoesOn(): void
    {
        foreach (['oil_appearance', 'leaks', 'tell_tale'] as $question) {
            $verdicts = array_map(static fn (Observation $observation): Verdict => $observation->verdict(), Observation::answersTo($question));
            self::assertContains(Verdict::GoOn, $verdicts, $question);
            self::assertContains(Verdict::Stop, $verdicts, $question);
        }
    }
}
