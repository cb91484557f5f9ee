<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Policy;

use FreshTack\Core\Policy\InvalidPolicy;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Policy\SchoolsReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchoolsTest extends TestCase
{
    public function testEveryQuestionHasSchoolsWithReasonsAndAUsualAnswer(): void
    {
        foreach (Question::cases() as $question) {
            self::assertGreaterThan(1, \count($question->schools()), $question->value);
            self::assertNull($question->standard()->refused);
            self::assertNotSame('', $question->changes().$question->title());
            foreach ($question->schools() as $school) {
                self::assertNotSame('', $school->reason, $school->code);
            }
        }
    }

    /** @return iterable<string, array{array<string, string>, string, string}> answers, pointer, part of the message */
    public static function wrong(): iterable
    {
        yield 'no such school' => [['pump' => 'none'], '/pump', 'There are: kit, impeller.'];
        yield 'grease on the filter gasket' => [['filter_gasket' => 'grease'], '/filter_gasket', 'swells the gasket'];
        yield 'a filter by feel' => [['filter_tightness' => 'by_hand'], '/filter_tightness', 'it is a hole'];
        yield 'a level nobody read' => [['when_to_read' => 'next_outing'], '/when_to_read', 'nobody has read'];
        yield 'pumped out with the drain open' => [['drain_by' => 'extraction', 'drains_during_filter' => 'open'], '/drains_during_filter', 'Change one of the two.'];
        yield 'pumped out cold' => [['drain_temperature' => 'rested', 'drain_by' => 'extraction'], '/drain_by', 'too thick'];
        yield 'no such question' => [['colour' => 'green'], '/colour', ''];
    }

    /** @param array<string, string> $answers */
    #[DataProvider('wrong')]
    public function testAWrongOrContradictoryAnswerIsNamedAtItsQuestion(array $answers, string $pointer, string $message): void
    {
        $cursor = Cursor::over($answers);
        SchoolsReader::at($cursor);
        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            self::assertCount(1, $error->flaws);
            self::assertSame($pointer, $error->flaws[0]->pointer);
            self::assertStringContainsString($message, $error->flaws[0]->message);

            return;
        }
        self::fail('Nothing was refused.');
    }

    public function testWhatIsLeftOutIsTheUsualAnswer(): void
    {
        $schools = SchoolsReader::at(Cursor::over(['pump' => 'impeller']));

        self::assertSame([Question::Pump], $schools->differences(Schools::standard()));
        self::assertTrue($schools->is(Question::DrainTemperature, 'warm'));
        $this->expectException(InvalidPolicy::class);
        $schools->with(Question::FilterGasket, 'grease');
    }

    /** @return iterable<string, array{array<string, string>, string, bool}> answers, operation id, whether it is there */
    public static function effects(): iterable
    {
        yield 'warm is usual' => [[], 'single.warm-up', true];
        yield 'rested needs no run before the drain' => [['drain_temperature' => 'rested'], 'single.warm-up', false];
        yield 'covers after the leak check' => [[], 'single.panel-on', true];
        yield 'covers before filling' => [['covers' => 'before_filling'], 'single.panel-on-early', true];
        yield 'a trial on the water' => [['how_to_run' => 'on_the_water'], 'rig.sea-trial', true];
        yield 'none where nothing calls for it' => [[], 'rig.sea-trial', false];
        yield 'the filter with the drain open' => [['drains_during_filter' => 'open'], 'single.filter-off-open', true];
    }

    /** @param array<string, string> $answers */
    #[DataProvider('effects')]
    public function testAnAnswerChangesTheOrder(array $answers, string $id, bool $there): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']), ['policy', 'schools'], $answers);
        $ids = array_map(static fn ($operation): string => $operation->id(), Requests::build($request)->operations);

        self::assertSame($there, \in_array($id, $ids, true));
    }

    public function testAnEngineIsTurnedOverToFillItsFilterUnlessTheSheetSaysWhyNot(): void
    {
        $filter = Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']);
        $request = Book::with($filter, ['policy', 'schools'], ['filter_priming' => 'turned_over']);
        $why = ['value' => 'fuel washes the bores', 'source' => 'book', 'page' => '9'];
        $forbidden = Book::with($request, ['engines', 0, 'sheet', 'values', 'oilFilter.notPrimed'], $why);

        self::assertSame(['prime', 'start'], array_values(array_intersect(['prime', 'start'], array_keys(self::steps($request, 'run')))));
        self::assertArrayNotHasKey('prime', self::steps($forbidden, 'run'));
        self::assertStringContainsString('fuel washes the bores', self::steps($forbidden, 'filter-on')['not-primed'] ?? '');
        self::assertArrayNotHasKey('prime', self::steps(Book::with($request, ['policy', 'schools'], []), 'run'));
    }

    /**
     * @param array<mixed> $request
     *
     * @return array<string, string> texts by step
     */
    private static function steps(array $request, string $operation): array
    {
        $texts = [];
        foreach (Requests::build($request)->operations as $ordered) {
            foreach ("single.$operation" === $ordered->id() ? $ordered->steps : [] as $step) {
                $texts[$step->id->step] = $step->words->text;
            }
        }

        return $texts;
    }

    public function testASheetGoesBeforeTheShop(): void
    {
        // this sheet allows the plug only, and says what its gasket takes
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']), ['policy', 'schools'], ['drain_by' => 'extraction', 'filter_gasket' => 'used_oil']);
        $order = Requests::build($request);

        self::assertContains('single.drain-plug', array_map(static fn ($operation): string => $operation->id(), $order->operations));
        self::assertNotSame('used oil', $order->engines[0]->facts->figure('order.gasketLubricant')?->text);
    }

    public function testASealOnSightLiesAtHandAndIsNotCountedAsUsed(): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']), ['policy', 'schools'], ['drain_seal' => 'when_damaged']);
        $line = Requests::build($request)->parts->lines[0];

        self::assertSame(['DM-11407', true, false], [$line->number, $line->atHand, $line->singleUse]);
    }
}
