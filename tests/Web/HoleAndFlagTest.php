<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;

/** Holes filled in on an order, and open orders whose values the book has changed since. */
final class HoleAndFlagTest extends ApiTestCase
{
    private const FILTER = ['kind' => 'turns_after_contact', 'min' => '3/4', 'max' => '1'];

    public function testAHoleIsFilledOnADraftMarkedAndProposedToTheBook(): void
    {
        [$number, $engine, $version] = $this->draftWithHole();
        $this->signIn('mora');
        $this->fill($number, $engine, $version, self::FILTER);
        self::assertSame(200, $this->status);

        $order = $this->call('GET', "/api/orders/$number");
        self::assertSame([], $order->at('work')->at('engines')->at(0)->at('blocked')->raw(), 'nothing is parked on the engine whose hole was filled');
        self::assertSame(['oilFilter.tightening'], array_map(static fn (Cursor $hole): mixed => $hole->at('path')->raw(), $order->at('work')->at('engines')->at(1)->at('blocked')->at(0)->at('holes')->list()), 'the other engine has its own hole still');
        $step = $this->stepWithFigure($order->at('work'), 'oilFilter.tightening');
        self::assertStringContainsString('† filled in on this order', $step->at('detail')->string());
        self::assertSame('Kestrane workshop book K85, rev. C, p. 2-13 (filled in on this order by Mora Ostrander: The manual lies here.)', $step->at('source')->raw());

        $proposal = $this->call('GET', '/api/book')->at('proposals')->at(0);
        self::assertSame(['kestrane-k85', $number], [$proposal->at('sheet')->raw(), $proposal->at('order')->raw()]);
    }

    public function testAHoleOfOneSheetIsFilledAtAllItsEnginesByOneGestureAndProposedOnce(): void
    {
        [$number, $engine, $version] = $this->draftWithHole();
        $this->signIn('mora');
        $this->fill($number, $engine, $version, self::FILTER, alike: true);
        self::assertSame(200, $this->status);

        $order = $this->call('GET', "/api/orders/$number");
        $blocked = array_map(static fn (Cursor $each): array => $each->at('blocked')->list(), $order->at('work')->at('engines')->list());
        self::assertSame([[], [], []], $blocked);
        self::assertCount(3, $order->at('fills')->list());
        self::assertCount(1, $this->call('GET', '/api/book')->at('proposals')->list());
    }

    public function testTheWriterSavesAroundAFillAndDoesNotLoseIt(): void
    {
        [$number, $engine, $version] = $this->draftWithHole();
        $this->signIn('mora');
        $filled = $this->fill($number, $engine, $version, self::FILTER);
        $this->signIn('ines');
        $draft = $this->call('GET', "/api/orders/$number")->at('draft')->raw();
        self::assertIsArray($draft);
        $this->call('PUT', "/api/orders/$number/draft", ['version' => $filled->at('version')->raw(), 'draft' => [...$draft, 'complaint' => 'Rough at idle.']]);
        self::assertSame(200, $this->status);
        self::assertCount(1, $this->call('GET', "/api/orders/$number")->at('fills')->list());
    }

    public function testTheBooksOwnValueIsNotFilledOverAndAWrongOneIsRefused(): void
    {
        [$number, $engine, $version] = $this->draftWithHole();
        $this->signIn('mora');
        self::assertSame(['/path'], self::pointers($this->fill($number, $engine, $version, ['part' => 'QV-50129', 'count' => 1], 'oilFilter.part')));
        self::assertSame(['/content'], self::pointers($this->fill($number, $engine, $version, [...self::FILTER, 'min' => '2'])));
        self::assertSame(['/content/kind', '/content/kind'], self::pointers($this->fill($number, $engine, $version, ['words' => 'snug'])));
        $this->signIn('ines');
        $this->fill($number, $engine, $version, self::FILTER);
        self::assertSame(403, $this->status, 'the writer may not');
    }

    public function testAProposalGoesIntoADraftOfTheSheetOrIsTurnedDownOnce(): void
    {
        [$number, $engine, $version] = $this->draftWithHole();
        $this->signIn('mora');
        $this->fill($number, $engine, $version, self::FILTER);
        $id = $this->call('GET', '/api/book')->at('proposals')->at(0)->at('id')->int(1, \PHP_INT_MAX);
        $taken = $this->call('POST', "/api/proposals/$id/settlement", ['take' => true]);
        self::assertSame(['kestrane-k85', 5], [$taken->at('sheet')->raw(), $taken->at('revision')->raw()]);
        $draft = $this->call('GET', '/api/book/sheets/kestrane-k85/5');
        self::assertSame(['draft', []], [$draft->at('status')->raw(), $draft->at('holes')->raw()]);
        $this->call('POST', "/api/proposals/$id/settlement", ['take' => false]);
        self::assertSame(409, $this->status);
        self::assertSame([], $this->call('GET', '/api/book')->at('proposals')->raw());
    }

    public function testPublishingFlagsAnOpenOrderWithTheDifferenceAndItCanBeMadeAnew(): void
    {
        $number = $this->issuedOyster();
        $this->publishRevisionSix();
        $flag = $this->call('GET', '/api/book')->at('flags')->at(0);
        self::assertSame([$number, 5, 6], [$flag->at('order')->raw(), $flag->at('from')->raw(), $flag->at('to')->raw()]);
        self::assertSame(['engineOil.restAfterRun', 'oilFilter.spillClosing'], array_map(static fn (Cursor $each): mixed => $each->at('path')->raw(), $flag->at('differences')->list()));
        self::assertSame($flag->raw(), $this->call('GET', "/api/orders/$number")->at('flags')->at(0)->raw(), 'the order says so itself');
        self::assertSame(['18 min', '20 min'], [$flag->at('differences')->at(0)->at('before')->raw(), $flag->at('differences')->at(0)->at('after')->raw()]);

        $this->call('POST', '/api/flags/'.$flag->at('id')->int(1, \PHP_INT_MAX).'/decision', ['renew' => true, 'reason' => 'Bulletin 14.']);
        self::assertSame(204, $this->status);
        $work = $this->call('GET', "/api/orders/$number")->at('work');
        self::assertSame([6, 20], [$work->at('engines')->at(0)->at('sheet')->at('revision')->raw(), $work->at('engines')->at(0)->at('level')->at('restAfterRunMin')->raw()]);
        self::assertSame([], $this->call('GET', '/api/book')->at('flags')->raw());
        self::assertSame([['engine_oil', 'issued'], ['oil_filter', 'issued']], $this->entities()->getConnection()->fetchAllNumeric('SELECT task, status FROM work_order_line WHERE work_order_id = ? ORDER BY task', [$number]), 'each line once');
    }

    public function testOnceWorkHasBegunTheFrozenValuesCanOnlyBeKept(): void
    {
        $number = $this->issuedOyster();
        $this->signIn('ada');
        $step = $this->call('GET', "/api/orders/$number/bench")->at('document')->at('operations')->at(0)->at('steps')->at(0)->at('id')->string();
        $this->call('POST', "/api/orders/$number/entries", ['entries' => [$this->entry($step, 'tick')]]);
        $this->publishRevisionSix();
        $id = $this->call('GET', '/api/book')->at('flags')->at(0)->at('id')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/flags/$id/decision", ['renew' => true, 'reason' => 'Bulletin 14.']);
        self::assertSame(409, $this->status);
        $this->call('POST', "/api/flags/$id/decision", ['renew' => false, 'reason' => 'Told Ada.']);
        self::assertSame(204, $this->status);
        self::assertSame(5, $this->call('GET', "/api/orders/$number")->at('work')->at('engines')->at(0)->at('sheet')->at('revision')->raw());
    }

    public function testAnOrderOfAnEarlierFormatIsMadeAnewUntilWorkBegins(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('mora');
        $this->call('POST', "/api/orders/$number/renewal", ['reason' => 'Rules of today.']);
        self::assertSame(409, $this->status, 'it is of today');

        $this->backdate($number);
        $this->call('POST', "/api/orders/$number/renewal", ['reason' => 'Rules of today.']);
        self::assertSame(200, $this->status);
        $view = $this->call('GET', "/api/orders/$number");
        self::assertSame('fresh-tack/work-order/2', $view->at('work')->at('format')->raw());
        self::assertNull($view->at('order')->at('flaw')->raw());

        $this->backdate($number);
        $this->signIn('ada');
        $step = $view->at('work')->at('operations')->at(0)->at('steps')->at(0)->at('id')->string();
        $this->call('POST', "/api/orders/$number/entries", ['entries' => [$this->entry($step, 'tick')]]);
        self::assertSame(200, $this->status);
        $this->signIn('mora');
        $this->call('POST', "/api/orders/$number/renewal", ['reason' => 'Rules of today.']);
        self::assertSame(409, $this->status, 'somebody has worked on it');
        self::assertSame('fresh-tack/work-order/1', $this->call('GET', "/api/orders/$number")->at('work')->at('format')->raw());
    }

    /** As if it had been issued when documents had the first format: without what the second one added. */
    private function backdate(int $number): void
    {
        $connection = $this->entities()->getConnection();
        $document = $connection->fetchOne('SELECT document FROM work_order WHERE number = ?', [$number]);
        self::assertIsString($document);
        $added = array_flip([
            'sharedLockout',
            'action',
            'measure',
            'lubricants',
            'secondHandMin',
            'presenceMin',
            'changes',
            'secondHandSold',
            'effects',
            'people',
            'needs',
            'presenceEndMin',
            'readTwice',
            'answers',
            'opensNone',
            'soldRounded',
        ]);
        $without = static function (mixed $value) use (&$without, $added): mixed {
            return match (true) {
                $value instanceof \stdClass => (object) array_map($without, array_diff_key((array) $value, $added)),
                \is_array($value) => array_map($without, $value),
                default => $value,
            };
        };
        $decoded = json_decode($document);
        self::assertInstanceOf(\stdClass::class, $decoded);
        foreach (\is_array($decoded->parts) ? $decoded->parts : [] as $part) {
            self::assertInstanceOf(\stdClass::class, $part);
            unset($part->uses);
        }
        $earlier = str_replace(
            ['work-order/2', '"arrival_level"', '"entry":"measured"', '"count":null,'],
            ['work-order/1', '"tick"', '"entry":"tick"', ''],
            Json::encode($without($decoded)),
        );
        $connection->executeStatement('UPDATE work_order SET document = ? WHERE number = ?', [$earlier, $number]);
        $this->entities()->clear();
    }

    public function testAnOrderThatDoesNotUseTheChangedValueIsLeftAlone(): void
    {
        $this->issuedTwin();
        $this->publishRevisionSix();
        self::assertSame([], $this->call('GET', '/api/book')->at('flags')->raw());
    }

    public function testAQuoteByModelShowsBothSidesOfASerialBreakAndKeepsNothing(): void
    {
        $this->signIn('ines');
        $ask = ['model' => 'K165', 'tasks' => ['engine_oil', 'oil_filter'], 'place' => 'shop', 'coldestC' => 0, 'warmestC' => 25];
        $before = $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM work_order');
        $sides = $this->call('POST', '/api/quotes', $ask)->at('sides')->list();
        self::assertSame([['kestrane-k165-early', 'QV-50318'], ['kestrane-k165-late', 'QV-50644']], array_map(static fn (Cursor $side): array => [$side->at('sheet')->at('id')->raw(), $side->at('work')->at('parts')->at(0)->at('number')->raw()], $sides));
        self::assertSame('to confirm', $sides[0]->at('work')->at('engines')->at(0)->at('serial')->raw());
        self::assertSame($before, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM work_order'));
        self::assertSame(['/model'], self::pointers($this->call('POST', '/api/quotes', [...$ask, 'model' => 'K30T'])), 'a two-stroke');
        self::assertSame(['/model'], self::pointers($this->call('POST', '/api/quotes', [...$ask, 'model' => 'D22'])), 'withdrawn');
        self::assertCount(1, $this->call('POST', '/api/quotes', [...$ask, 'model' => 'D12'])->at('sides')->list(), 'an engine without a filter');
    }

    /** @return array{int, int, string} order, engine, version: the survey boat, whose filters have no tightening */
    private function draftWithHole(): array
    {
        $this->signIn('ines');
        $both = ['tasks' => ['engine_oil', 'oil_filter']];
        $draft = $this->draftFor('Meridian Heron', [['hours' => '300', ...$both], ['hours' => '300', ...$both], ['hours' => '300', ...$both]]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Meridian Heron').'/check-ins', $draft);
        self::assertSame(201, $this->status);
        $first = Cursor::over($draft)->at('engines')->at(0)->at('engineId')->int(1, \PHP_INT_MAX);

        return [$file->at('number')->int(1, \PHP_INT_MAX), $first, $file->at('version')->string()];
    }

    /** @param array<string, mixed> $content */
    private function fill(int $number, int $engine, string $version, array $content, string $path = 'oilFilter.tightening', bool $alike = false): Cursor
    {
        return $this->call('POST', "/api/orders/$number/fills", ['alike' => $alike, 'version' => $version, 'engineId' => $engine, 'path' => $path, 'content' => $content, 'document' => 'Kestrane workshop book K85', 'revision' => 'C', 'page' => '2-13', 'reason' => 'The manual lies here.']);
    }

    private function issuedOyster(): int
    {
        $this->signIn('ines');
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Grey Oyster').'/check-ins', $this->draftFor('Grey Oyster', [['hours' => '900', 'tasks' => ['engine_oil', 'oil_filter']]]));
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        self::assertSame(200, $this->status);

        return $number;
    }

    private function publishRevisionSix(): void
    {
        $this->signIn('mora');
        foreach (['reviewed', 'published'] as $to) {
            $this->call('POST', '/api/book/sheets/dunmarrow-d65/6/status', ['version' => $this->call('GET', '/api/book/sheets/dunmarrow-d65/6')->at('version')->raw(), 'to' => $to]);
            self::assertSame(200, $this->status);
        }
    }

    private function stepWithFigure(Cursor $work, string $path): Cursor
    {
        foreach ($work->at('operations')->list() as $operation) {
            foreach ($operation->at('steps')->list() as $step) {
                if ($path === $step->at('figure')->at('path')->raw()) {
                    return $step->at('figure');
                }
            }
        }
        self::fail("No step shows $path.");
    }
}
