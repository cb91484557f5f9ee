<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Tests\Support\SpareSeal;
use Symfony\Contracts\HttpClient\ResponseInterface;

/** Two people at the same thing at the same moment: one does it, the other reads what was done. Nobody is told that something broke. */
final class RacesTest extends ServedTestCase
{
    private const ROUNDS = 10;
    private const ECHO = 2;

    public function testAnOrderIsIssuedOnce(): void
    {
        $all = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $file = self::checkedIn(self::ECHO, null, ['engine_oil']);
            $number = $file->at('number')->int(1, \PHP_INT_MAX);
            $body = ['version' => $file->at('version')->raw()];
            $all = [...$all, ...self::fourTimes('ines', 'POST', "/api/orders/$number/issue", $body)];
        }

        self::assertSame([200 => self::ROUNDS, 409 => 3 * self::ROUNDS], self::tally($all));
    }

    public function testAFlagIsDecidedOnceAndTheSecondReadsByWhom(): void
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $order = self::issued(3, '900');
            self::database()->insert(
                'order_flag',
                [
                    'order_number' => $order,
                    'position' => 'single',
                    'sheet_id' => 'dunmarrow-d65',
                    'from_revision' => 4,
                    'to_revision' => 5,
                    'differences' => '[]',
                    'raised_at' => '2026-03-18 09:00:00',
                ],
            );
            $flag = (int) self::database()->lastInsertId();
            $answers = Person::atOnce([
                static fn (): ResponseInterface => self::person('mora')->press(
                    'POST',
                    "/api/flags/$flag/decision",
                    ['renew' => false, 'reason' => 'Told Ada.'],
                ),
                static fn (): ResponseInterface => self::person('teo')->press(
                    'POST',
                    "/api/flags/$flag/decision",
                    ['renew' => true, 'reason' => 'Bulletin.'],
                ),
            ]);

            self::assertSame([204 => 1, 409 => 1], self::tally($answers));
            [$decision, $by] = 204 === $answers[0][0] ? ['kept', 'Mora Ostrander'] : ['renewed', 'Teo'];
            self::assertSame($decision, self::database()->fetchOne('SELECT decision FROM order_flag WHERE id = ?', [$flag]));
            self::assertStringContainsString($by, self::one($answers, 409));
            self::assertSame(
                $decision,
                self::database()->fetchOne('SELECT changed_to FROM audit_entry WHERE subject = ? ORDER BY id DESC LIMIT 1', ["flag $flag"]),
            );
        }
    }

    public function testAProposalIsTakenOrTurnedDown(): void
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $content = Json::encode(['kind' => 'turns_after_contact', 'min' => '3/4', 'max' => '1']);
            self::database()->insert(
                'proposal',
                [
                    'sheet_id' => 'kestrane-k85',
                    'revision' => 4,
                    'path' => 'oilFilter.tightening',
                    'content' => $content,
                    'document' => 'Book',
                    'document_revision' => 'C',
                    'page' => '2',
                    'reason' => 'Here.',
                    'order_number' => 2401,
                    'raised_by' => 'Mora Ostrander',
                    'raised_at' => '2026-03-18 09:00:00',
                ],
            );
            $proposal = (int) self::database()->lastInsertId();
            $answers = Person::atOnce(array_map(
                static fn (bool $take): \Closure => static fn (): ResponseInterface => self::person($take ? 'mora' : 'teo')->press(
                    'POST',
                    "/api/proposals/$proposal/settlement",
                    ['take' => $take],
                ),
                [true, false],
            ));

            self::assertSame(1, self::tally($answers)[409] ?? 0, print_r($answers, true));
            self::assertSame(
                1,
                self::number("SELECT COUNT(*) FROM audit_entry WHERE subject = ? AND changed_from = 'waiting'", "proposal $proposal"),
            );
        }
    }

    public function testAnOrderThatIsIssuedWhileItsSheetIsReplacedHasTheNewOneOrAFlag(): void
    {
        $sheet = '/api/book/sheets/dunmarrow-d65';
        $move = static fn (
            string $name,
            int $revision,
            string $to,
        ): \Closure => static fn (): ResponseInterface => self::person($name)->press(
            'POST',
            "$sheet/$revision/status",
            ['version' => self::person($name)->does('GET', "$sheet/$revision")->at('version')->raw(), 'to' => $to],
        );
        $revision = self::number("SELECT MAX(revision) FROM spec_sheet WHERE sheet_id = 'dunmarrow-d65' AND status = 'draft'");
        for ($round = 0; $round < 18; ++$round) {
            $file = self::checkedIn(3, '900');
            $number = $file->at('number')->int(1, \PHP_INT_MAX);
            self::assertSame(200, $move(0 === $round ? 'mora' : 'teo', $revision, 'reviewed')()->getStatusCode());
            $publish = $move('mora', $revision, 'published');
            $answers = Person::atOnce([
                static fn (): ResponseInterface => self::person('ines')->press(
                    'POST',
                    "/api/orders/$number/issue",
                    ['version' => $file->at('version')->raw()],
                ),
                // at another moment of it each time
                static fn (): ResponseInterface => self::after(10_000 * $round, $publish),
            ]);

            self::assertSame(200, $answers[1][0], $answers[1][1]);
            self::assertContains($answers[0][0], [200, 409]);
            if (200 === $answers[0][0]) {
                $frozen = Cursor::over(Json::decode(self::text(
                    'SELECT document FROM work_order WHERE number = ?',
                    $number,
                )))->at('engines')->at(0)->at('sheet')->at('revision')->raw();
                $flags = self::number('SELECT COUNT(*) FROM order_flag WHERE order_number = ? AND to_revision = ?', $number, $revision);
                self::assertTrue(
                    $revision === $frozen || $flags > 0,
                    "round $round: the older one is frozen, and nobody is told of rev. $revision",
                );
            }
            $next = self::person('mora')->does('POST', "$sheet/revisions");
            $revision = $next->at('revision')->int(1, 9999);
            $values = ['engineOil.restAfterRun' => ['value' => 20 + $round + 1, 'unit' => 'min', 'source' => 'book', 'page' => '42']];
            self::person('mora')->does('PUT', "$sheet/$revision", ['version' => $next->at('version')->raw(), 'values' => $values]);
        }
    }

    public function testWhatIsAddedByTwoIsThereOnce(): void
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $model = [
                'code' => "Q$round",
                'maker' => 'Kestrane',
                'cycle' => 'four_stroke',
                'serialPrefixes' => ["Q$round-"],
                'serialDigits' => 4,
            ];
            $part = [...SpareSeal::PART, 'number' => "QV-9900$round"];
            $engine = [
                'model' => 'D12',
                'serial' => "D12-77$round",
                'inService' => '2024-01-01',
                'hasMeter' => false,
                'year' => null,
                'gearcase' => null,
                'warrantyUntil' => null,
            ];
            $models = self::fourTimes('mora', 'POST', '/api/book/models', $model);
            $parts = self::fourTimes('bram', 'PUT', '/api/catalogue/part', ['part' => $part, 'version' => null]);
            $engines = self::fourTimes('ines', 'POST', '/api/engines', $engine);

            self::assertSame([204 => 1, 422 => 3], self::tally($models), print_r($models, true));
            self::assertStringContainsString("The book knows the Q$round already", self::one($models, 422));
            self::assertSame([200 => 1, 409 => 3], self::tally($parts), print_r($parts, true));
            self::assertSame([201 => 1, 409 => 3], self::tally($engines), print_r($engines, true));
            self::assertStringContainsString('in store', self::one($engines, 409));
        }
    }

    public function testACalendarHasOneAddress(): void
    {
        foreach (['/api/calendar' => 0, '/api/boats/1/calendar' => 1] as $path => $boat) {
            $answers = [...self::fourTimes('ines', 'POST', $path), ...self::fourTimes('mora', 'POST', $path)];

            self::assertSame([201 => 8], self::tally($answers));
            self::assertSame(1, self::number('SELECT COUNT(*) FROM calendar_feed WHERE boat_id = ?', $boat));
        }
    }

    public function testOnePressIsOneOrderHoweverOftenItIsSent(): void
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $draft = self::draft(self::ECHO, null, []);
            $key = ['Idempotency-Key' => 'press-'.bin2hex(random_bytes(12))];
            $path = '/api/boats/'.self::ECHO.'/check-ins?beside=1';
            $answers = self::fourTimes('ines', 'POST', $path, $draft, $key);
            $numbers = array_unique(array_map(
                static fn (array $answer): int => Cursor::over(Json::decode($answer[1]))->at('number')->int(1, \PHP_INT_MAX),
                $answers,
            ));

            self::assertSame([201 => 4], self::tally($answers), print_r($answers, true));
            self::assertCount(1, $numbers);
            self::assertSame(422, self::person('ines')->press('POST', $path, [...$draft, 'complaint' => 'smokes'], $key)->getStatusCode());
            self::assertSame(
                201,
                self::person('mora')->press('POST', $path, $draft, $key)->getStatusCode(),
                'another account, another press',
            );
        }
    }

    public function testABoatThatIsInIsCheckedInOnce(): void
    {
        $draft = self::draft(4, '310', []);
        $answers = self::fourTimes('ines', 'POST', '/api/boats/4/check-ins', $draft);

        self::assertSame([201 => 1, 409 => 3], self::tally($answers));
        $number = Cursor::over(Json::decode(self::one($answers, 201)))->at('number')->int(1, \PHP_INT_MAX);
        self::assertStringContainsString("an open order, $number", self::one($answers, 409));
    }

    public function testAnEntryIsTakenOnceAndItsNumberIsNeverAnothers(): void
    {
        [$order, $other] = [self::issued(3, '900'), self::issued(3, '900')];
        $step = self::person('ada')->does(
            'GET',
            "/api/orders/$order/bench",
        )->at('document')->at('operations')->at(0)->at('steps')->at(0)->at('id')->string();
        $note = GoodDay::entry($step, 'note', ['text' => 'The cowl is scratched.']);
        $answers = self::fourTimes('ada', 'POST', "/api/orders/$order/entries", ['entries' => [$note]]);

        self::assertSame([200 => 4], self::tally($answers), print_r($answers, true));
        self::assertSame(1, self::number('SELECT COUNT(*) FROM bench_entry WHERE uuid = ?', $note['uuid']));
        foreach ([[$order, [...$note, 'value' => ['text' => 'It is not.']]], [$other, $note]] as [$number, $entry]) {
            $refused = self::person('ada')->press('POST', "/api/orders/$number/entries", ['entries' => [$entry]]);
            self::assertSame(422, $refused->getStatusCode());
            self::assertSame(
                '/entries/0/uuid',
                Cursor::over(Json::decode($refused->getContent(false)))->at('errors')->at(0)->at('pointer')->raw(),
            );
        }
    }

    /**
     * @param array<mixed>|null     $body
     * @param array<string, string> $headers
     *
     * @return list<array{int, string}>
     */
    private static function fourTimes(string $name, string $method, string $path, ?array $body = null, array $headers = []): array
    {
        return Person::atOnce(array_fill(
            0,
            4,
            static fn (): ResponseInterface => self::person($name)->press($method, $path, $body, $headers),
        ));
    }

    /**
     * @param \Closure(): ResponseInterface $press
     */
    private static function after(int $microseconds, \Closure $press): ResponseInterface
    {
        usleep($microseconds);

        return $press();
    }
}
