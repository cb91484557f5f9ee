<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Bench\StoredEntry;
use FreshTack\Tests\Support\Book;
use FreshTack\Web\Http\BenchRights;
use FreshTack\Web\Http\EntryBatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EntryBatchTest extends TestCase
{
    public function testKeepsWhoWhenAndTheTabletsOwnClock(): void
    {
        $stored = self::read(self::batch())[0];

        self::assertSame(['ada', '2026-03-18T09:00:00+00:00'], [$stored->entry->by, $stored->entry->at->format(\DATE_ATOM)]);
        self::assertSame(['2026-03-18T08:59:58.250+00:00', 7], [$stored->deviceAt?->format('Y-m-d\TH:i:s.vP'), $stored->deviceSequence]);
        self::assertSame(['reading' => '0.55', 'restMin' => 25], $stored->value);
    }

    public function testAUuidIsKeptInSmallLetters(): void
    {
        self::assertSame('0199a0b0-0000-7000-8000-00000000000a', self::read(Book::with(self::batch(), ['entries', 0, 'uuid'], '0199A0B0-0000-7000-8000-00000000000A'))[0]->entry->uuid);
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function flawed(): iterable
    {
        yield 'no entries' => [['entries'], [], '/entries'];
        yield 'a uuid that is none' => [['entries', 0, 'uuid'], 'first', '/entries/0/uuid'];
        yield 'a correction of nothing' => [['entries', 0, 'corrects'], 'first', '/entries/0/corrects'];
        yield 'a count below zero' => [['entries', 0, 'deviceSequence'], -1, '/entries/0/deviceSequence'];
        yield 'a clock in words' => [['entries', 0, 'deviceAt'], 'noon', '/entries/0/deviceAt'];
        yield 'no step' => [['entries', 0, 'stepId'], '', '/entries/0/stepId'];
        yield 'a level with its rest in words' => [
            ['entries', 0, 'value'],
            ['reading' => '0.5', 'restMin' => 'long'],
            '/entries/0/value/restMin',
        ];
        yield 'a time in words' => [['entries', 0, 'doneAt'], 'noon', '/entries/0/doneAt'];
        yield 'something beside the entries' => [['colour'], 'green', '/colour'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('flawed')]
    public function testAFlawIsNamedAtItsField(array $path, mixed $value, string $pointer): void
    {
        self::assertContains($pointer, self::flaws(Book::with(self::batch(), $path, $value), true, true));
    }

    /** @return iterable<string, array{string, bool, bool, list<string>}> kind, may work, may decide, flaws */
    public static function roles(): iterable
    {
        yield 'a technician notes' => ['note', true, false, []];
        yield 'a technician decides' => ['decision', true, false, ['/entries/0/kind']];
        yield 'a writer decides' => ['decision', true, true, []];
        yield 'the store room notes' => ['note', false, false, ['/entries/0/kind']];
    }

    /** @param list<string> $flaws */
    #[DataProvider('roles')]
    public function testWorkAndDecisionsAreForTheirOwnRoles(string $kind, bool $mayWork, bool $mayDecide, array $flaws): void
    {
        $batch = Book::with(Book::with(self::batch(), ['entries', 0, 'kind'], $kind), ['entries', 0, 'value'], ['text' => 'Go on.']);

        self::assertSame($flaws, self::flaws($batch, $mayWork, $mayDecide));
    }

    /**
     * @param array<mixed> $batch
     *
     * @return list<StoredEntry>
     */
    private static function read(array $batch): array
    {
        $cursor = Cursor::over($batch);
        $read = EntryBatch::read(
            $cursor,
            'ada',
            new \DateTimeImmutable('2026-03-18 09:00', new \DateTimeZone('UTC')),
            new BenchRights(true, true, true, false),
        );
        $cursor->flaws->throwIfAny();

        return $read;
    }

    /**
     * @param array<mixed> $batch
     *
     * @return list<string>
     */
    private static function flaws(array $batch, bool $mayWork, bool $mayDecide): array
    {
        $cursor = Cursor::over($batch);
        EntryBatch::read($cursor, 'ada', new \DateTimeImmutable('2026-03-18 09:00'), new BenchRights($mayWork, $mayDecide, false, false));
        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            return array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws);
        }

        return [];
    }

    /** @return array<string, mixed> */
    private static function batch(): array
    {
        return ['entries' => [[
            'uuid' => '0199a0b0-0000-7000-8000-000000000001',
            'stepId' => 'port.reading.read',
            'kind' => 'level',
            'value' => ['reading' => '0.55', 'restMin' => 25],
            'corrects' => null,
            'deviceSequence' => 7,
            'deviceAt' => '2026-03-18T08:59:58.250Z',
        ]]];
    }
}
