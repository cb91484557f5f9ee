<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Schedule\Action;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a sheet only asks to look at or to clean, and an owner wants new. */
final class RenewalTest extends TestCase
{
    /**
     * By the sheet of the early K165: thermostats QV-61070, two of them; belt QV-61080; anodes outside QV-61060 (1) and
     * QV-61061 (2).
     *
     * @return iterable<string, array{string, string, string, array<string, int>}>
     */
    public static function renewals(): iterable
    {
        yield 'thermostats' => ['thermostats', 'single.thermostat-care.clean', 'single.thermostat-care.new', ['QV-61070' => 2]];
        yield 'accessory belt' => ['accessory_belt', 'single.belt-look.turn', 'single.belt-new.match', ['QV-61080' => 1]];
        yield 'anodes outside' => ['external_anodes', 'single.anodes-out.look', 'single.anodes-out.new', ['QV-61060' => 1, 'QV-61061' => 2]];
    }

    /** @param array<string, int> $parts */
    #[DataProvider('renewals')]
    public function testARenewalOnWishHasOtherStepsAndUsesItsParts(string $task, string $looked, string $renewed, array $parts): void
    {
        [$plain, $wished] = [self::order($task, false), self::order($task, true)];

        self::assertContains($looked, self::steps($plain));
        self::assertNotContains($renewed, self::steps($plain));
        self::assertContains($renewed, self::steps($wished));
        self::assertNotContains($looked, self::steps($wished));
        self::assertSame([], array_diff_key($parts, self::parts($plain, true)), 'laid out, in case');
        self::assertSame($parts, array_intersect_key(self::parts($wished, false), $parts), 'used');
        self::assertSame([Action::Renew], self::actions($wished));
        self::assertNotSame([Action::Renew], self::actions($plain));
    }

    public function testARenewalOfAPartThatTheSheetDoesNotNameIsParked(): void
    {
        $request = self::request('accessory_belt', true, 'kestrane-k165-early', ['values', 'belts.tools'], null);

        self::assertSame(['belts.tools'], Requests::build($request)->engines[0]->blocked[0]->holes ?? null);
        $looked = self::request('accessory_belt', false, 'kestrane-k165-early', ['values', 'belts.tools'], null);
        self::assertSame([], Requests::build($looked)->engines[0]->blocked);
    }

    public function testOneEngineIsRenewedAndItsSisterLookedAt(): void
    {
        $engines = [
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['thermostats']),
            Requests::engine('starboard', 'K165', 'KS4-10413', 'kestrane-k165-early', ['thermostats']),
        ];
        $steps = self::steps(Requests::build(Book::with(Requests::rig($engines), ['engines', 1, 'tasks', 0, 'renew'], true)));

        self::assertContains('port.thermostat-care.clean', $steps);
        self::assertContains('starboard.thermostat-care.new', $steps);
        self::assertNotContains('starboard.thermostat-care.clean', $steps);
    }

    /** The K165's timing is a belt, QV-61081; its sheet asks for a look every 640 h and for a renewal every 1280 h. */
    public function testATimingBeltIsRenewedAtItsCheckOnWish(): void
    {
        $wished = self::order('timing_belt_check', true);

        self::assertContains('single.timing-check-new.match', self::steps($wished));
        self::assertNotContains('single.timing-look.look', self::steps($wished));
        self::assertSame('Timing belt (renewed)', $wished->engines[0]->tasks[0]->title($wished->engines[0]->request->sheet));
        self::assertContains('single.timing-look.look', self::steps(self::order('timing_belt_check', false)));
    }

    public function testATimingBeltThatTheSheetOnlyLooksAtIsNotRenewedUnasked(): void
    {
        $inspected = static fn (bool $renew): WorkOrder => Requests::build(self::request('timing_belt', $renew, 'kestrane-k165-early', ['values', 'schedule.timingBelt', 'action'], 'inspect'));

        self::assertContains('single.timing-see.look', self::steps($inspected(false)));
        self::assertNotContains('single.timing-new.off', self::steps($inspected(false)));
        self::assertContains('single.timing-new.off', self::steps($inspected(true)));
        self::assertNotContains('single.timing-see.look', self::steps($inspected(true)));
    }

    public function testAChainIsNotRenewedOnWish(): void
    {
        $order = Requests::build(self::request('timing_belt', true, 'kestrane-k28'));

        self::assertContains('single.chain-renew-look.tensioner', self::steps($order));
        self::assertSame(['Timing belt or chain'], array_map(static fn (PickedTask $picked): string => $picked->title($order->engines[0]->request->sheet), $order->engines[0]->tasks));
    }

    private static function order(string $task, bool $renew): WorkOrder
    {
        return Requests::build(self::request($task, $renew, 'kestrane-k165-early'));
    }

    /**
     * @param list<string|int> $path of a value of the sheet that is something else
     *
     * @return array<mixed>
     */
    private static function request(string $task, bool $renew, string $sheet, array $path = [], mixed $value = null): array
    {
        $request = Book::with(Requests::single('K165', 'KS4-10412', $sheet, [$task]), ['engines', 0, 'tasks', 0, 'renew'], $renew);

        return [] === $path ? $request : Book::with($request, ['engines', 0, 'sheet', ...$path], $value);
    }

    /** @return list<string> */
    private static function steps(WorkOrder $order): array
    {
        return array_merge(...array_map(
            static fn (OrderedOperation $operation): array => array_map(static fn (OrderedStep $step): string => $step->id->text, $operation->steps),
            $order->operations,
        ));
    }

    /** @return array<string, int> pieces by number */
    private static function parts(WorkOrder $order, bool $atHand): array
    {
        $lines = array_filter($order->parts->lines, static fn (PartLine $line): bool => $atHand === $line->atHand);

        return array_column(array_map(static fn (PartLine $line): array => [$line->number, $line->count], $lines), 1, 0);
    }

    /** @return list<Action> */
    private static function actions(WorkOrder $order): array
    {
        $engine = $order->engines[0];

        return array_map(static fn (PickedTask $picked): Action => $picked->action($engine->request->sheet), $engine->tasks);
    }
}
