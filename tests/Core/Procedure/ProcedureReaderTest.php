<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Procedure;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Procedure\Template;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProcedureReaderTest extends TestCase
{
    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function broken(): iterable
    {
        $operation = static fn (string|int ...$path): array => ['operations', 0, ...array_values($path)];
        yield 'another format' => [['format'], 'x', '/format'];
        yield 'a task that is none' => [['task'], 'polish', '/task'];
        yield 'a phase that is none' => [$operation('phase'), 'lunch', '/operations/0/phase'];
        yield 'minutes below zero' => [$operation('attendedMin'), -1, '/operations/0/attendedMin'];
        yield 'an effect that is none' => [$operation('effects'), ['exploded'], '/operations/0/effects/0'];
        yield 'a caution that is none' => [$operation('cautions'), ['bad_luck'], '/operations/0/cautions/0'];
        yield 'two conditions in one' => [$operation('when'), ['exists' => 'drain.panel', 'equals' => ['drain.kind', 'plug']], '/operations/0/when'];
        yield 'an entry that is none' => [$operation('steps', 0, 'entry'), 'essay', '/operations/0/steps/0/entry'];
        yield 'an operation without why' => [$operation('why'), '', '/operations/0/why'];
        yield 'something that does not belong' => [$operation('colour'), 'green', '/operations/0/colour'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('broken')]
    public function testSchemaAndReaderRefuseTheSame(array $path, mixed $value, string $pointer): void
    {
        $document = Book::with(Book::procedures()[1], $path, $value);

        self::assertContains($pointer, self::readerFlaws($document));
        $this->expectException(InvalidDocument::class);
        (new Schemas(\dirname(__DIR__, 3)))->validate(Json::encode($document), Schemas::PROCEDURE);
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> what only the reader can know */
    public static function unknownPaths(): iterable
    {
        yield 'a slot' => [['operations', 0, 'steps', 0, 'text'], 'Open the {engineOil.tap}.', '/operations/0/steps/0/text'];
        yield 'a figure' => [['operations', 0, 'steps', 0, 'figure'], 'drain.size', '/operations/0/steps/0/figure'];
        yield 'a condition' => [['operations', 0, 'when'], ['exists' => 'drain.tap'], '/operations/0/when/exists'];
        yield 'a need' => [['needs'], ['drain.tap'], '/needs/0'];
        yield 'a tool\'s size' => [['operations', 0, 'tools'], [['name' => 'Wrench', 'size' => 'drain.tap']], '/operations/0/tools/0/size'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('unknownPaths')]
    public function testAPathThatNoSheetKnowsIsRefused(array $path, mixed $value, string $pointer): void
    {
        self::assertSame([$pointer], self::readerFlaws(Book::with(Book::procedures()[1], $path, $value)));
    }

    public function testEveryProcedureOfTheDemoPassesItsSchema(): void
    {
        foreach (Book::procedures() as $procedure) {
            (new Schemas(\dirname(__DIR__, 3)))->validate(Json::encode($procedure), Schemas::PROCEDURE);
        }
        $this->expectNotToPerformAssertions();
    }

    public function testATemplateFillsItsSlotsAndShowsWhatIsMissing(): void
    {
        $facts = new EngineFacts(SheetReader::read(Book::sheet('kestrane-k85')), ['order.place' => new Figure('order.place', 'place', 'on the lift', null, 'check-in')], []);

        self::assertSame('Stand the boat on the lift.', (new Template('Stand the boat {order.place}.'))->fill($facts));
        self::assertSame('Tighten by ____ (oil filter tightening), plug aft, in the middle.', (new Template('Tighten by {oilFilter.tightening}, plug {drain.location}.'))->fill($facts));
        self::assertSame(['drain.location', 'drain.wrench'], (new Template('{drain.location} {drain.wrench} {drain.location}'))->slots);
    }

    /** @return iterable<string, array{array<mixed>, bool}> */
    public static function conditions(): iterable
    {
        $plug = ['equals' => ['drain.kind', 'plug']];
        $valve = ['equals' => ['drain.kind', 'valve']];
        yield 'equals' => [$plug, true];
        yield 'does not equal' => [$valve, false];
        yield 'one of' => [['in' => ['drain.kind', ['valve', 'plug']]], true];
        yield 'none of' => [['in' => ['drain.kind', ['valve', 'extraction']]], false];
        yield 'exists' => [['exists' => 'drain.seal'], true];
        yield 'is missing' => [['exists' => 'oilFilter.tightening'], false];
        yield 'a flag' => [['equals' => ['oilFilter.fitted', 'yes']], true];
        yield 'all of them' => [['and' => [$plug, ['exists' => 'drain.seal']]], true];
        yield 'not all of them' => [['and' => [$plug, $valve]], false];
        yield 'any of them' => [['or' => [$valve, $plug]], true];
        yield 'none of them' => [['or' => [$valve, ['exists' => 'drain.panel']]], false];
    }

    /** @param array<mixed> $condition */
    #[DataProvider('conditions')]
    public function testAConditionAsksTheFacts(array $condition, bool $holds): void
    {
        $procedure = ProcedureReader::read(Book::with(Book::procedures()[1], ['operations', 0, 'when'], $condition));
        $facts = new EngineFacts(SheetReader::read(Book::sheet('kestrane-k85')), [], []);

        self::assertSame($holds, $procedure->operations[0]->calling->when->holds($facts));
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<string>
     */
    private static function readerFlaws(array $document): array
    {
        try {
            ProcedureReader::read($document);
        } catch (InvalidDocument $error) {
            return array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws);
        }

        return [];
    }
}
