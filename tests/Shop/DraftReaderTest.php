<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Core\Order\Place;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DraftReaderTest extends TestCase
{
    public function testWhatIsReadIsWrittenTheSame(): void
    {
        $cursor = Cursor::over(self::draft());
        $draft = DraftReader::at($cursor);
        $cursor->flaws->throwIfAny();

        self::assertSame(self::draft(), $draft->toArray());
        self::assertSame([Place::Lift, Task::EngineOil], [$draft->place, $draft->engines[0]->tasks[0]]);
    }

    public function testBlanksAroundAPlateAreDropped(): void
    {
        $draft = DraftReader::at(Cursor::over(Book::with(self::draft(), ['engines', 0, 'serial'], ' KS4-10412 ')));

        self::assertSame('KS4-10412', $draft->engines[0]->serial);
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function flawed(): iterable
    {
        yield 'a place that is none' => [['place'], 'beach', '/place'];
        yield 'no coldest air' => [['coldestC'], null, '/coldestC'];
        yield 'air as text' => [['warmestC'], '29', '/warmestC'];
        yield 'a warmest below the coldest' => [['warmestC'], -5, '/warmestC'];
        yield 'a complaint without end' => [['complaint'], str_repeat('x', 1001), '/complaint'];
        yield 'no engines' => [['engines'], [], '/engines'];
        yield 'six engines' => [['engines'], array_fill(0, 6, ['engineId' => 1, 'model' => 'K165', 'serial' => 'KS4-10412', 'hours' => null, 'reading' => null, 'restMin' => 0, 'decision' => null, 'tasks' => []]), '/engines'];
        yield 'an engine without number' => [['engines', 0, 'engineId'], 0, '/engines/0/engineId'];
        yield 'hours left blank' => [['engines', 0, 'hours'], '', '/engines/0/hours'];
        yield 'hours with a comma' => [['engines', 0, 'hours'], '611,4', '/engines/0/hours'];
        yield 'a level in words' => [['engines', 0, 'reading'], 'full', '/engines/0/reading'];
        yield 'a rest that nobody knows' => [['engines', 0, 'restMin'], null, '/engines/0/restMin'];
        yield 'a task that is none' => [['engines', 0, 'tasks', 0], 'polish', '/engines/0/tasks/0'];
        yield 'a serial number without end' => [['engines', 0, 'serial'], str_repeat('9', 31), '/engines/0/serial'];
        yield 'a renewal of a task that is not picked' => [['engines', 0, 'renew'], ['accessory_belt'], '/engines/0/renew/0'];
        yield 'a renewal of what is renewed anyway' => [['engines', 0, 'renew'], ['engine_oil'], '/engines/0/renew/0'];
        yield 'something that does not belong' => [['engines', 0, 'colour'], 'green', '/engines/0/colour'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('flawed')]
    public function testAFlawIsNamedAtItsField(array $path, mixed $value, string $pointer): void
    {
        $cursor = Cursor::over(Book::with(self::draft(), $path, $value));
        DraftReader::at($cursor);
        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            self::assertSame([$pointer], array_values(array_unique(array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws))));

            return;
        }
        self::fail('It was read.');
    }

    public function testAnEngineWithoutMeterHasNullAndNotBlank(): void
    {
        $cursor = Cursor::over(Book::with(self::draft(), ['engines', 0, 'hours'], null));
        $draft = DraftReader::at($cursor);
        $cursor->flaws->throwIfAny();

        self::assertNull($draft->engines[0]->hours);
    }

    /** @return array<string, mixed> */
    private static function draft(): array
    {
        return [
            'place' => 'lift',
            'coldestC' => -4,
            'warmestC' => 29,
            'complaint' => 'Hard to start when cold',
            'technicians' => 2,
            'kits' => ['QV-59165'],
            'allowance' => ['minutes' => 20, 'reason' => 'Seized trough plug'],
            'partsOn' => '2026-03-20',
            'byHand' => ['moves' => [['work' => 'port.grease', 'before' => 'port.fill']], 'steps' => [['id' => 'hand-1', 'after' => 'port.fill', 'text' => 'Look at the cap.', 'attendedMin' => 2]]],
            'engines' => [['engineId' => 1, 'model' => 'K165', 'serial' => 'KS4-10412', 'hours' => '611.4', 'reading' => '0.55', 'restMin' => 600, 'decision' => null, 'year' => null, 'gearcase' => null, 'tasks' => ['engine_oil', 'oil_filter', 'thermostats'], 'renew' => ['thermostats']]],
        ];
    }
}
