<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** Sheets of the book from draft to published, by two managers of whom neither can do it alone. */
final class BookTest extends ApiTestCase
{
    private const DRAFT = '/api/book/sheets/dunmarrow-d65/6';

    public function testADraftIsReviewedByAnotherAndThenPublishedAndTheOldRevisionWithdrawn(): void
    {
        $this->signIn('teo');
        $this->move(self::DRAFT, 'reviewed');
        self::assertSame(409, $this->status, 'his own');

        $this->signIn('mora');
        self::assertSame(['reviewed', 'Mora Ostrander'], $this->told($this->move(self::DRAFT, 'reviewed'), 'status', 'reviewer'));
        self::assertSame(['published', 'Mora Ostrander'], $this->told($this->move(self::DRAFT, 'published'), 'status', 'reviewer'));
        $revisions = $this->call('GET', self::DRAFT)->at('revisions')->list();
        self::assertSame([[6, 'published'], [5, 'withdrawn']], array_map(fn (Cursor $line): array => $this->told($line, 'revision', 'status'), $revisions));

        $this->signIn('ines');
        self::assertSame(6, $this->call('POST', '/api/identifications', ['model' => 'D65', 'serial' => 'D65-3308'])->at('sheet')->at('revision')->raw());
    }

    public function testNobodyReviewsAValueOfTheirOwnThoughAnotherCameAfter(): void
    {
        $this->signIn('mora');
        $this->edit(['values' => ['engineOil.fillCap' => ['value' => 'aft, black cap', 'source' => 'book', 'page' => '39']]]);
        $this->signIn('teo');
        $this->edit(['note' => 'Teo was here last.']);
        $this->signIn('mora');
        $this->move(self::DRAFT, 'reviewed');
        self::assertSame(409, $this->status);
    }

    public function testNothingSkipsAStage(): void
    {
        $this->signIn('mora');
        $this->move(self::DRAFT, 'published');
        self::assertSame(409, $this->status);
        $this->move('/api/book/sheets/dunmarrow-d22/2', 'published');
        self::assertSame(409, $this->status, 'what was withdrawn stays so');
    }

    public function testOnlyTheManagerChangesTheBook(): void
    {
        $this->signIn('ines');
        $this->call('PUT', self::DRAFT, ['version' => 1, 'note' => 'x']);
        self::assertSame(403, $this->status);
        $this->call('GET', self::DRAFT);
        self::assertSame(200, $this->status);
    }

    public function testAChangedValueCarriesItsAuthorAndItsSource(): void
    {
        $this->signIn('mora');
        $page = $this->edit(['values' => ['drain.wrench' => ['value' => '18', 'unit' => 'mm', 'source' => 'manual', 'page' => '51']], 'sources' => ['manual' => ['document' => 'Dunmarrow service manual D65', 'revision' => '5']]]);
        self::assertSame(200, $this->status);
        $value = $this->value($page, 'drain.wrench');
        self::assertSame(['18 mm', 'Dunmarrow service manual D65, rev. 5, p. 51', 'Mora Ostrander', '2026-03-18'], $this->told($value, 'figure', 'source', 'by', 'on'));
        self::assertSame('Mora Ostrander', $page->at('author')->raw(), 'who changed it last can\'t review it');
        $this->move(self::DRAFT, 'reviewed');
        self::assertSame(409, $this->status);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> change, where the flaw is */
    public static function mistakes(): iterable
    {
        $value = static fn (string $path, array $value): array => ['values' => [$path => [...$value, 'source' => 'book', 'page' => '1']]];
        yield 'more oil without the filter than with it' => [$value('engineOil.capacityWithoutFilter', ['value' => '2.9', 'unit' => 'us_qt']), '/values/engineOil.capacityWithoutFilter'];
        yield 'a capacity in newton metres' => [$value('engineOil.capacityWithoutFilter', ['value' => '2.9', 'unit' => 'nm']), '/values/engineOil.capacityWithoutFilter'];
        yield 'a torque whose minimum is above its maximum' => [$value('drain.closing', ['kind' => 'torque', 'min' => '22', 'nominal' => '19', 'max' => '21', 'unit' => 'ft_lb', 'thread' => 'dry']), '/values/drain.closing'];
        yield 'a part that the catalogue does not know' => [$value('oilFilter.part', ['part' => 'DM-99999', 'count' => 1]), '/values/oilFilter.part/part'];
        yield 'an unknown part inside a table' => [$value('kits.offered', ['rows' => [['part' => 'DM-99998', 'covers' => 'filter']]]), '/values/kits.offered/rows/0/part'];
        yield 'a source that is not named' => [['values' => ['drain.wrench' => ['value' => '17', 'unit' => 'mm', 'source' => 'hearsay', 'page' => '1']]], '/values/drain.wrench/source'];
        yield 'a range upside down' => [['appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D65'], 'serials' => [['prefix' => 'D65-', 'from' => 9, 'to' => 3]]]], '/appliesTo/serials/0'];
        yield 'a range with a digit too many' => [['appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D65'], 'serials' => [['prefix' => 'D65-', 'from' => 3001, 'to' => 30010]]]], '/appliesTo/serials/0'];
        yield 'a prefix of another model' => [['appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D65'], 'serials' => [['prefix' => 'KS4-', 'from' => 3001, 'to' => 3010]]]], '/appliesTo/serials/0'];
        yield 'a model that nobody knows' => [['appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D66'], 'serials' => [['prefix' => 'D65-', 'from' => 3001, 'to' => 3010]]]], '/appliesTo/models/0'];
    }

    /**
     * @param array<string, mixed> $change
     */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsFieldAndNothingIsWritten(array $change, string $pointer): void
    {
        $this->signIn('mora');
        $before = $this->call('GET', self::DRAFT)->raw();
        self::assertContains($pointer, self::pointers($this->edit($change)));
        self::assertSame(422, $this->status);
        self::assertSame($before, $this->call('GET', self::DRAFT)->raw());
    }

    public function testAllMistakesAreToldAtOnce(): void
    {
        $this->signIn('mora');
        $problem = $this->edit(['values' => ['oilFilter.part' => ['part' => 'DM-99999', 'count' => 1, 'source' => 'book', 'page' => '1'], 'drain.wrench' => ['value' => 'seventeen', 'unit' => 'mm', 'source' => 'book', 'page' => '1']], 'appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D66'], 'serials' => [['prefix' => 'D65-', 'from' => 3001, 'to' => 3010]]]]);
        self::assertEqualsCanonicalizing(['/values/drain.wrench', '/values/oilFilter.part/part', '/appliesTo/models/0'], self::pointers($problem));
    }

    public function testTwoAtOnceAreToldAndNothingIsOverwritten(): void
    {
        $this->signIn('mora');
        $version = $this->call('GET', self::DRAFT)->at('version')->raw();
        $this->edit(['note' => 'First.']);
        $this->call('PUT', self::DRAFT, ['version' => $version, 'note' => 'Second.']);
        self::assertSame([409, 'First.'], [$this->status, $this->call('GET', self::DRAFT)->at('note')->raw()]);
    }

    public function testAPublishedRevisionNeverChanges(): void
    {
        $this->signIn('mora');
        $this->call('PUT', '/api/book/sheets/dunmarrow-d65/5', ['version' => $this->call('GET', '/api/book/sheets/dunmarrow-d65/5')->at('version')->raw(), 'note' => 'x']);
        self::assertSame(409, $this->status);
    }

    public function testACopyBeginsWithoutASingleSourceAndCantBeReviewedSo(): void
    {
        $this->signIn('mora');
        $page = $this->call('POST', '/api/book/sheets', ['id' => 'dunmarrow-d130-third', 'appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D130'], 'serials' => [['prefix' => 'DL2-', 'from' => 40000, 'to' => 45000]]], 'copyOf' => ['sheet' => 'dunmarrow-d130-dl1', 'revision' => 2]]);
        self::assertSame(201, $this->status);
        self::assertSame(['unsourced'], array_values(array_unique(array_map(static fn (Cursor $value): string => $value->at('standing')->string(), $page->at('values')->list()))));
        self::assertGreaterThan(40, \count($page->at('holes')->list()) + \count($page->at('values')->list()));
        $this->signIn('teo');
        self::assertStringContainsString('Nobody has given a source', $this->move('/api/book/sheets/dunmarrow-d130-third/1', 'reviewed')->at('errors')->at(0)->at('detail')->string());
        self::assertSame(422, $this->status);
    }

    public function testAFamilyValueCountsOnceTheSheetConfirmsIt(): void
    {
        $this->signIn('mora');
        $draft = $this->call('POST', '/api/book/sheets/kestrane-k320/revisions');
        self::assertSame(201, $this->status);
        self::assertSame(['inherited', true], $this->told($this->value($draft, 'engineOil.grades'), 'standing', 'usable'));
        $path = '/api/book/sheets/kestrane-k320/2';
        $less = $this->call('PUT', $path, ['version' => $draft->at('version')->raw(), 'confirms' => ['points.inspection']]);
        self::assertSame(['unconfirmed', false], $this->told($this->value($less, 'engineOil.grades'), 'standing', 'usable'));
        self::assertContains('engineOil.grades', array_map(static fn (Cursor $hole): mixed => $hole->at('path')->raw(), $less->at('holes')->list()));
    }

    public function testOneDraftAtATimeAndItCanBeThrownAway(): void
    {
        $this->signIn('mora');
        $this->call('POST', '/api/book/sheets/dunmarrow-d65/revisions');
        self::assertSame(409, $this->status, 'rev. 6 is a draft still');
        $this->call('DELETE', self::DRAFT.'?version='.$this->call('GET', self::DRAFT)->at('version')->int(1, 99));
        self::assertSame(204, $this->status);
        self::assertSame(['draft', 6], $this->told($this->call('POST', '/api/book/sheets/dunmarrow-d65/revisions'), 'status', 'revision'));
    }

    public function testTwoRevisionsSideBySide(): void
    {
        $this->signIn('ada');
        $differences = $this->call('GET', '/api/book/sheets/dunmarrow-d65/comparison?older=5&newer=6')->at('differences')->list();
        $changed = array_values(array_filter($differences, static fn (Cursor $each): bool => true === $each->at('change')->raw()));
        self::assertSame(['engineOil.restAfterRun', 'oilFilter.spillClosing'], array_map(static fn (Cursor $each): mixed => $each->at('path')->raw(), $changed));
        self::assertGreaterThan(100, \count($differences));
        $this->call('GET', '/api/book/sheets/dunmarrow-d65/comparison?older=5&newer=77');
        self::assertSame(404, $this->status);
    }

    public function testPublishingTellsOfOverlapsAndGapsBeforehand(): void
    {
        $this->signIn('mora');
        self::assertSame([0, 1], $this->ranges());
        $this->edit(['appliesTo' => ['maker' => 'Dunmarrow', 'models' => ['D65'], 'serials' => [['prefix' => 'D65-', 'from' => 3001, 'to' => 9999]]]]);
        self::assertSame([0, 0], $this->ranges(), 'the gap is closed');
        $overlap = $this->call('GET', '/api/book')->at('ranges')->at('overlaps')->at(0);
        self::assertSame(['K48', 'KC1-1500 – 1999'], $this->told($overlap, 'model', 'serials'));
    }

    public function testAModelIsAddedWithASerialPatternThatCanBeRead(): void
    {
        $this->signIn('mora');
        $model = ['code' => 'K410', 'maker' => 'Kestrane', 'cycle' => 'four_stroke', 'serialPrefixes' => ['KT7-'], 'serialDigits' => 5];
        self::assertSame(['/serialPrefixes/0'], self::pointers($this->call('POST', '/api/book/models', [...$model, 'serialPrefixes' => ['kt7']])));
        self::assertSame(['/serialPrefixes/0'], self::pointers($this->call('POST', '/api/book/models', [...$model, 'serialPrefixes' => ['KT7']])));
        $this->call('POST', '/api/book/models', $model);
        self::assertSame(204, $this->status);
        self::assertSame(['/code'], self::pointers($this->call('POST', '/api/book/models', $model)));
    }

    public function testAProcedureIsHeldAgainstASheetAndShowsItsEmptySlots(): void
    {
        $this->signIn('mora');
        $preview = $this->call('GET', '/api/procedures/oil-filter/preview?sheet=kestrane-k85&revision=4');
        self::assertSame(['oilFilter.tightening'], array_map(static fn (Cursor $hole): mixed => $hole->at('path')->raw(), $preview->at('holes')->list()));
        $steps = $preview->at('done')->at(1)->at('steps')->list();
        $missing = array_map(static fn (Cursor $step): array => $step->at('missing')->strings(), $steps);
        self::assertContains(['oil filter tightening'], $missing);
        self::assertSame(['Drain the spill trough', 'Take the old filter off', 'Close the spill trough'], $preview->at('skipped')->raw());
        self::assertSame([], $this->call('GET', '/api/procedures/oil-filter/preview?sheet=dunmarrow-d65&revision=5')->at('holes')->raw());
    }

    public function testFindsWhichGearcaseOrYearASheetAsksFor(): void
    {
        $this->signIn('ines');
        $plate = ['model' => 'D185', 'serial' => 'DL2-55000'];
        $refusal = $this->call('POST', '/api/identifications', $plate)->at('refusal');
        self::assertSame(['several', ['gearcase']], $this->told($refusal, 'reason', 'asks'));
        self::assertStringContainsString('heavy or slim', $refusal->at('remedy')->string());
        self::assertSame('dunmarrow-d185-slim', $this->call('POST', '/api/identifications', [...$plate, 'gearcase' => 'slim'])->at('sheet')->at('id')->raw());
        $year = $this->call('POST', '/api/identifications', ['model' => 'K28', 'serial' => 'KA1-2500'])->at('refusal');
        self::assertSame(['none', ['year']], $this->told($year, 'reason', 'asks'));
    }

    public function testWhoeverPublishesSeesWhatItsOrdersWouldBe(): void
    {
        $this->signIn('mora');
        $tried = $this->call('GET', '/api/book/sheets/kestrane-k320/1/publication')->at('tried');

        self::assertSame([null, 'All together'], [$tried->at(0)->at('task')->raw(), $tried->at(0)->at('title')->raw()]);
        self::assertStringContainsString('exhaust valve clearance', $tried->at(0)->at('parked')->at(0)->string());
    }

    /** @return array{int, int} overlaps and gaps that the draft would have a share in */
    private function ranges(): array
    {
        $ranges = $this->call('GET', self::DRAFT.'/publication')->at('ranges');

        return [\count($ranges->at('overlaps')->list()), \count($ranges->at('gaps')->list())];
    }

    /** @param array<string, mixed> $change */
    private function edit(array $change): Cursor
    {
        return $this->call('PUT', self::DRAFT, ['version' => $this->call('GET', self::DRAFT)->at('version')->raw(), ...$change]);
    }

    private function move(string $sheet, string $to): Cursor
    {
        return $this->call('POST', $sheet.'/status', ['version' => $this->call('GET', $sheet)->at('version')->raw(), 'to' => $to, 'reason' => null]);
    }

    private function value(Cursor $page, string $path): Cursor
    {
        foreach ($page->at('values')->list() as $value) {
            if ($path === $value->at('path')->raw()) {
                return $value;
            }
        }
        self::fail("The sheet has no $path.");
    }

    /** @return list<mixed> */
    private function told(Cursor $at, string ...$keys): array
    {
        return array_values(array_map(static fn (string $key): mixed => $at->at($key)->raw(), $keys));
    }
}
