<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use FreshTack\Core\Parts\Arrivals;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Parts\ShelfPart;
use FreshTack\Core\Plan\Position;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArrivalsTest extends TestCase
{
    /** @return iterable<string, array{list<PartLine>, string|null, string|null, list<string>}> */
    public static function shelves(): iterable
    {
        yield 'nothing short' => [[self::short('F', 0)], null, null, []];
        yield 'the last of two days' => [[self::short('F', 1, '2026-03-24'), self::short('G', 2, '2026-03-20')], null, '2026-03-24', []];
        yield 'one with no day' => [[self::short('F', 1, '2026-03-24'), self::short('G', 1)], null, '2026-03-24', ['G']];
        yield 'expected today' => [[self::short('F', 1, '2026-03-18')], null, '2026-03-18', []];
        yield 'expected yesterday, and not there' => [[self::short('F', 1, '2026-03-17')], null, null, ['F']];
        yield 'promised by the counter for all' => [[self::short('F', 1, '2026-03-24'), self::short('G', 1)], '2026-03-19', '2026-03-19', []];
        yield 'a promise for what is not short' => [[self::short('F', 0)], '2026-03-19', null, []];
    }

    /**
     * @param list<PartLine> $lines
     * @param list<string>   $unknown
     */
    #[DataProvider('shelves')]
    public function testAllIsThereWithTheLast(array $lines, ?string $promised, ?string $last, array $unknown): void
    {
        $arrivals = Arrivals::of($lines, new \DateTimeImmutable('2026-03-18 09:00'), null === $promised ? null : new \DateTimeImmutable($promised));

        self::assertSame([$last, $unknown], [$arrivals->last?->format('Y-m-d'), $arrivals->unknown]);
    }

    private static function short(string $number, int $short, ?string $arrives = null): PartLine
    {
        $day = null === $arrives ? null : new \DateTimeImmutable($arrives);
        $shelf = new ShelfPart($number, 'Part', 'B1', 3, onOrder: null === $day ? 0 : $short, arrivesOn: $day);

        return new PartLine($number, 3 + $short, [Position::Single], false, '', $shelf);
    }
}
