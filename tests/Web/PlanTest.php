<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Exchange\WorkOrderDocument;
use PHPUnit\Framework\Attributes\DataProvider;

/** The plan of a draft, and the shop's schools, over HTTP. */
final class PlanTest extends ApiTestCase
{
    public function testThePlanOfADraftSaysWhenItIsReadyAndWritesNothing(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $plan = $this->call('POST', "/api/orders/$number/timeline", [...$draft, 'technicians' => 2]);
        $timeline = $plan->at('timeline');

        self::assertSame(2, $timeline->at('technicians')->raw());
        self::assertGreaterThanOrEqual($timeline->at('boundMin')->int(1, 1000), $timeline->at('elapsedMin')->int(1, 1000));
        self::assertStringStartsWith('2026-03-18T', $plan->at('readyBy')->string());
        self::assertGreaterThan($timeline->at('handsOnMin')->int(1, 1000), $plan->at('aloneMin')->int(1, 1000));
        self::assertNull($this->call('GET', "/api/orders/$number")->at('work')->at('timeline')->raw());
    }

    public function testWhatIsPerhapsNeededAndShortGivesASecondDate(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $draft['engines'] = array_map(
            static fn (mixed $engine): array => [...(\is_array($engine) ? $engine : []), 'tasks' => ['external_anodes']],
            \is_array($draft['engines']) ? $draft['engines'] : [],
        );
        $perhaps = array_values(array_filter(
            $this->call('POST', "/api/orders/$number/preview", $draft)->at('work')->at('parts')->list(),
            static fn (Cursor $part): bool => true === $part->at('atHand')->raw(),
        ))[0]->at('number')->string();
        self::assertNull($this->call('POST', "/api/orders/$number/timeline", $draft)->at('readyIfNeeded')->raw());
        $this->entities()->getConnection()->update('part', ['in_stock' => 0, 'on_order' => 0], ['number' => $perhaps]);

        $plan = $this->call('POST', "/api/orders/$number/timeline", $draft);
        self::assertStringStartsWith('2026-03-18T', $plan->at('readyBy')->string());
        self::assertSame([[$perhaps], null], [$plan->at('readyIfNeeded')->at('parts')->raw(), $plan->at('readyIfNeeded')->at('at')->raw()]);

        $promised = $this->call('POST', "/api/orders/$number/timeline", [...$draft, 'partsOn' => '2026-03-20']);
        self::assertStringStartsWith('2026-03-18T', $promised->at('readyBy')->string());
        self::assertStringStartsWith('2026-03-20T', $promised->at('readyIfNeeded')->at('at')->string());
    }

    public function testADraftWithoutATaskHasNoPlan(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $draft['engines'] = array_map(static fn (mixed $engine): array => [...(\is_array($engine) ? $engine : []), 'tasks' => []], \is_array($draft['engines']) ? $draft['engines'] : []);

        self::assertNull($this->call('POST', "/api/orders/$number/timeline", $draft)->at('timeline')->raw());
    }

    public function testAnIssuedOrderKeepsItsPlan(): void
    {
        [$number] = $this->draftOfTwin();
        $this->call('POST', "/api/orders/$number/issue", ['version' => $this->call('GET', "/api/orders/$number")->at('order')->at('version')->raw()]);
        $work = $this->call('GET', "/api/orders/$number")->at('work');

        self::assertSame(array_map(static fn (Cursor $operation): mixed => $operation->at('id')->raw(), $work->at('operations')->list()), array_map(static fn (Cursor $entry): mixed => $entry->at('id')->raw(), $work->at('timeline')->at('entries')->list()));
    }

    public function testTheRequestThatIsKeptWithAnOrderGivesTheSameOrderAgain(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $wishes = [
            'technicians' => 2,
            'kits' => ['QV-59165'],
            'allowance' => ['minutes' => 20, 'reason' => 'Seized screws'],
            'byHand' => [
                'moves' => [],
                'steps' => [['id' => 'hand-1', 'after' => 'port.fill', 'text' => 'Look at the cap\'s seal.', 'attendedMin' => 4]],
            ],
        ];
        $version = $this->call('GET', "/api/orders/$number")->at('order')->at('version')->raw();
        $saved = $this->call('PUT', "/api/orders/$number/draft", ['version' => $version, 'draft' => [...$draft, ...$wishes]]);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $saved->at('version')->raw()]);
        self::assertSame(200, $this->status);
        $connection = $this->entities()->getConnection();
        $kept = $connection->fetchAssociative('SELECT request, document FROM work_order WHERE number = ?', [$number]);
        self::assertIsArray($kept);
        [$request, $document] = [$kept['request'], $kept['document']];
        self::assertIsString($request);
        self::assertIsString($document);

        $again = (new OrderBuilder())->build(OrderRequestReader::read(json_decode($request, true)), Effort::Full);
        self::assertSame(json_decode($document, true), json_decode(Json::encode(WorkOrderDocument::of($again)), true));
    }

    public function testWhatIsChangedByHandIsKeptRefusedByItsGateAndIssued(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $byHand = ['moves' => [['work' => 'port.fill', 'before' => 'port.close-valve']], 'steps' => [['id' => 'hand-1', 'after' => 'port.fill', 'text' => 'Look at the cap\'s seal.', 'attendedMin' => 4]]];
        $work = $this->call('POST', "/api/orders/$number/preview", [...$draft, 'byHand' => $byHand])->at('work');
        self::assertSame('drain_shut', $work->at('byHand')->at('refused')->at(0)->at('gate')->raw());

        $version = $this->call('GET', "/api/orders/$number")->at('order')->at('version')->raw();
        $saved = $this->call('PUT', "/api/orders/$number/draft", ['version' => $version, 'draft' => [...$draft, 'byHand' => $byHand]]);
        self::assertSame($byHand, $this->call('GET', "/api/orders/$number")->at('draft')->at('byHand')->raw());
        $this->call('POST', "/api/orders/$number/issue", ['version' => $saved->at('version')->raw()]);
        $issued = $this->call('GET', "/api/orders/$number")->at('work')->at('operations')->list();
        self::assertContains('port.hand-1', array_map(static fn (Cursor $operation): mixed => $operation->at('id')->raw(), $issued));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change of the draft, pointer, part of the message */
    public static function badDrafts(): iterable
    {
        yield 'nobody to do the work' => [['technicians' => 0], '/technicians', 'at least one technician'];
        yield 'too many hands' => [['technicians' => 9], '/technicians', '1 to 4'];
        yield 'minutes without a reason' => [['allowance' => ['minutes' => 20, 'reason' => '']], '/allowance/reason', 'say what for'];
        yield 'a day that is none' => [['partsOn' => '2026-02-30'], '/partsOn', 'a day that exists'];
        yield 'work of the whole rig' => [
            ['byHand' => ['moves' => [['work' => 'rig.place', 'before' => 'starboard.fill']], 'steps' => []]],
            '/byHand/moves/0/work',
            'keeps its place',
        ];
        yield 'temperatures crossed' => [['coldestC' => 30, 'warmestC' => 5], '/warmestC', 'can\'t be colder'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badDrafts')]
    public function testWhatIsWrongIsSaidAtItsPlace(array $change, string $pointer, string $message): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $problem = $this->call('POST', "/api/orders/$number/timeline", [...$draft, ...$change]);

        self::assertSame(422, $this->status);
        self::assertContains($pointer, self::pointers($problem));
        self::assertStringContainsString($message, Cursor::over($problem->raw())->at('detail')->string().' '.json_encode($problem->raw()));
    }

    public function testOnlyTheManagerSetsTheSchools(): void
    {
        $this->signIn('ines');
        self::assertCount(\count(Question::cases()), $this->call('GET', '/api/policy/schools')->at('questions')->list());
        $this->call('PUT', '/api/policy/schools', ['answers' => $this->answers(['pump' => 'impeller']), 'version' => 1]);
        self::assertSame(403, $this->status);
    }

    public function testASchoolChangesDraftsIsKeptAndIsLocked(): void
    {
        [$number] = $this->draftOfTwin();
        $this->signIn('mora');
        $schools = $this->call('GET', '/api/policy/schools');
        $answers = ['drain_temperature' => 'rested'];
        $drafts = $this->call('POST', '/api/policy/schools/effects', ['answers' => $answers])->at('drafts')->list();
        $ours = array_values(array_filter($drafts, static fn (Cursor $draft): bool => $number === $draft->at('number')->raw()));

        self::assertCount(1, $ours);
        self::assertStringContainsString('min hands-on', $ours[0]->at('differences')->at(0)->string());
        $version = $schools->at('version')->raw();
        $this->call('PUT', '/api/policy/schools', ['answers' => $this->answers($answers), 'version' => $version]);
        self::assertSame(200, $this->status);
        $kept = array_column(array_map(static fn (Cursor $question): array => [$question->at('id')->string(), $question->at('answer')->string()], $this->call('GET', '/api/policy/schools')->at('questions')->list()), 1, 0);
        self::assertSame('rested', $kept['drain_temperature']);
        $this->call('PUT', '/api/policy/schools', ['answers' => $this->answers(['pump' => 'kit']), 'version' => $version]);
        self::assertSame(409, $this->status);
    }

    public function testThePlanThatIsSeenIsThePlanThatIsIssued(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $plan = $this->call('POST', "/api/orders/$number/plan", $draft);
        $version = $this->call('GET', "/api/orders/$number")->at('order')->at('version')->string();
        $this->call('POST', "/api/orders/$number/issue", ['version' => $version, 'plan' => $plan->at('seal')->raw()]);
        self::assertSame(200, $this->status);

        $issued = $this->call('GET', "/api/orders/$number")->at('work');
        foreach (['operations', 'timeline'] as $part) {
            self::assertSame($plan->at('work')->at($part)->raw(), $issued->at($part)->raw());
        }
    }

    public function testAPlanThatHasChangedSinceItWasSeenIsNotIssued(): void
    {
        [$number, $draft] = $this->draftOfTwin();
        $this->call('POST', "/api/orders/$number/plan", $draft);
        $version = $this->call('GET', "/api/orders/$number")->at('order')->at('version')->string();
        $problem = $this->call('POST', "/api/orders/$number/issue", ['version' => $version, 'plan' => str_repeat('0', 64)]);

        self::assertSame([409, 'urn:fresh-tack:order.plan_changed'], [$this->status, $problem->at('type')->raw()]);
        self::assertSame('draft', $this->call('GET', "/api/orders/$number")->at('order')->at('status')->raw());
    }

    public function testAContradictionIsNamedAtTheLaterAnswer(): void
    {
        $this->signIn('mora');
        $problem = $this->call(
            'PUT',
            '/api/policy/schools',
            ['answers' => $this->answers(['drain_by' => 'extraction', 'drains_during_filter' => 'open']), 'version' => 1],
        );

        self::assertSame(422, $this->status);
        self::assertSame(['/answers/drains_during_filter'], self::pointers($problem));
    }
}
