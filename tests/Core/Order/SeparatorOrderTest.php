<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Order\BlockedTask;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\OrderRequestDocument;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The boat's fuel separators in an order of three engines. */
final class SeparatorOrderTest extends TestCase
{
    private const ELEMENT = 'TW-4410';

    public function testOneForTheBoatIsRenewedOnceAtTheFirstEngine(): void
    {
        $order = self::order('one', [['fuel_separator', 'fuel_filter'], ['fuel_filter'], ['fuel_filter']]);

        self::assertSame(['port.separator'], self::works($order, 'separator'));
        self::assertSame([1], self::needed($order));
        self::assertSame([], self::works($order, 'separator-look'));
    }

    public function testOneForEachEngineIsRenewedAtEachThatIsPicked(): void
    {
        $order = self::order('each', [['fuel_separator'], ['engine_oil'], ['fuel_separator']]);

        self::assertEqualsCanonicalizing(['port.separator', 'starboard.separator'], self::works($order, 'separator'));
        self::assertSame([2], self::needed($order));
    }

    public function testItIsNotScheduledWhereItIsNotCounted(): void
    {
        $order = self::order('one', [['engine_oil'], ['fuel_separator'], ['engine_oil']]);

        self::assertSame(['No fuel separator of the boat is counted at this engine.'], array_map(static fn (BlockedTask $blocked): string => $blocked->reason, $order->engines[1]->blocked));
    }

    public function testWithoutItsNumberItIsParkedAndTheRemedyIsTheBoat(): void
    {
        $order = self::order('one', [['fuel_separator', 'engine_oil'], ['engine_oil'], ['engine_oil']], null);
        $blocked = $order->engines[0]->blocked[0] ?? null;

        self::assertSame(Task::FuelSeparator, $blocked?->task);
        self::assertSame('Not entered for this boat: element of the boat\'s fuel separator.', $blocked->reason);
        self::assertStringContainsString('enter it at the boat', $blocked->remedy);
    }

    /** @return iterable<string, array{string, list<string>}> what is known of the boat, and the works that look for one */
    public static function known(): iterable
    {
        yield 'nobody has looked: once for the rig' => ['unknown', ['rig.separator-look']];
        yield 'there is none' => ['none', []];
        yield 'there is one, and it is not due' => ['one', []];
    }

    /** @param list<string> $works */
    #[DataProvider('known')]
    public function testItIsLookedForWhereNobodyHas(string $count, array $works): void
    {
        self::assertSame($works, self::works(self::order($count, [['fuel_filter'], ['fuel_filter'], ['engine_oil']]), 'separator-look'));
    }

    public function testNobodyStartsAnEngineBeforeItIsProvenDry(): void
    {
        $order = self::order('one', [['fuel_separator', 'engine_oil'], ['engine_oil'], ['engine_oil']]);
        $at = [];
        foreach ($order->timeline->entries as $entry) {
            $at[$entry->work->id->text] ??= $entry;
        }
        $starts = array_filter($at, static fn (string $id): bool => str_contains($id, 'warm'), \ARRAY_FILTER_USE_KEY);

        self::assertNotSame([], $starts);
        foreach ($starts as $start) {
            $overlaps = $start->timed->startMin < $at['port.separator']->timed->endMin && $at['port.separator']->timed->startMin < $start->timed->endMin;
            self::assertFalse($overlaps, $start->work->id->text);
        }
    }

    public function testTheEngineBehindItIsRunAndTriedAtSeaForItsOwnSake(): void
    {
        $order = self::order('one', [['fuel_separator'], [], []]);

        self::assertSame(['port.test-run'], self::works($order, 'test-run'));
        self::assertSame(['port.leak-check'], self::works($order, 'leak-check'));
        self::assertSame(['rig.sea-trial'], self::works($order, 'sea-trial'));
    }

    public function testItComesBeforeTheFilterOnItsEngine(): void
    {
        $order = self::order('each', [['fuel_filter', 'fuel_separator'], ['fuel_filter', 'fuel_separator'], ['engine_oil']]);
        $ids = array_map(static fn (OrderedOperation $ordered): string => $ordered->id(), $order->operations);
        foreach (['port', 'centre'] as $position) {
            self::assertLessThan(array_search("$position.fuel-off-bowl", $ids, true), array_search("$position.separator", $ids, true));
        }
    }

    public function testItIsKeptWithTheRequestAndReadBackTheSame(): void
    {
        $read = OrderRequestReader::read(self::request('one', [['fuel_separator'], ['engine_oil'], ['engine_oil']], self::ELEMENT));
        $kept = OrderRequestDocument::of($read, array_fill(0, 3, Book::sheet('kestrane-k85')), Book::procedures());

        self::assertSame(['count' => 'one', 'element' => self::ELEMENT, 'every' => ['hours' => '100.0', 'months' => 12]], $kept['separators']);
        self::assertEquals($kept, OrderRequestDocument::of(OrderRequestReader::read($kept), array_fill(0, 3, Book::sheet('kestrane-k85')), Book::procedures()));
    }

    /** @param list<list<string>> $tasks by engine, from port */
    private static function order(string $count, array $tasks, ?string $element = self::ELEMENT): WorkOrder
    {
        return Requests::build(self::request($count, $tasks, $element));
    }

    /**
     * @param list<list<string>> $tasks
     *
     * @return array<mixed>
     */
    private static function request(string $count, array $tasks, ?string $element): array
    {
        $isFitted = \in_array($count, ['one', 'each'], true);
        $engines = array_map(static fn (string $position, int $place): array => [
            ...Requests::engine($position, 'K85', 'KT1-500'.$place, 'kestrane-k85', $tasks[$place]),
            'separator' => 'each' === $count || ('one' === $count && 0 === $place),
        ], ['port', 'centre', 'starboard'], [0, 1, 2]);

        return [...Requests::rig($engines), 'separators' => [
            'count' => $count,
            'element' => $isFitted ? $element : null,
            'every' => $isFitted ? ['hours' => '100', 'months' => 12] : null,
        ]];
    }

    /** @return list<string> ids of the works of this operation */
    private static function works(WorkOrder $order, string $operation): array
    {
        $all = array_filter($order->operations, static fn (OrderedOperation $ordered): bool => $operation === $ordered->work->id->operation);

        return array_values(array_map(static fn (OrderedOperation $ordered): string => $ordered->id(), $all));
    }

    /** @return list<int> how many of the element the order takes */
    private static function needed(WorkOrder $order): array
    {
        $lines = array_filter($order->parts->lines, static fn (PartLine $line): bool => self::ELEMENT === $line->number);

        return array_values(array_map(static fn (PartLine $line): int => $line->count, $lines));
    }
}
