<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Shop\Board\SearchText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchTextTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, bool}> what is typed, the order's number, whether nothing else */
    public static function orders(): iterable
    {
        yield 'a number' => ['2401', '2401', false];
        yield 'with its sign' => ['#2401', '2401', true];
        yield 'as it is said' => ['order 2401', '2401', true];
        yield 'with both' => [' Order #24 ', '24', true];
        yield 'no order begins with nought' => ['02401', null, false];
        yield 'a plate' => ['KS4-2401', null, false];
        yield 'a boat of that name' => ['Order', null, false];
    }

    #[DataProvider('orders')]
    public function testReadsTheNumberOfAnOrder(string $typed, ?string $number, bool $only): void
    {
        $text = SearchText::of($typed);

        self::assertSame([$number, $only], [$text->order(), $text->isOrderOnly()]);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function phones(): iterable
    {
        yield 'as it is dialled here' => ['01 555 0110', ['015550110']];
        yield 'from abroad' => ['+353 1 555 0110', ['35315550110', '5315550110', '315550110', '15550110', '5550110']];
        yield 'with two noughts' => ['00353 1 555 0110', ['35315550110', '5315550110', '315550110', '15550110', '5550110']];
        yield 'too short to be one' => ['24 01', []];
        yield 'a word' => ['tern 01 555 0110', []];
    }

    /** @param list<string> $numbers */
    #[DataProvider('phones')]
    public function testReadsATelephoneNumberWithAndWithoutTheCountry(string $typed, array $numbers): void
    {
        self::assertSame($numbers, SearchText::of($typed)->phones());
    }
}
