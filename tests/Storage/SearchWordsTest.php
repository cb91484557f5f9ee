<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage;

use FreshTack\Storage\SearchWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchWordsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function texts(): iterable
    {
        yield 'case and marks' => ['KS4-10412', ['ks4', '10412']];
        yield 'accents' => ['Société Grève', ['societe', 'greve']];
        yield 'apostrophes' => ["Cox's Echo", ['cox', 's', 'echo']];
        yield 'another alphabet' => ['Чайка', ['cajka']];
        yield 'twice is once' => ['tern Tern', ['tern']];
        yield 'nothing to find' => [' – % _ ', []];
        yield 'too long to be typed' => [str_repeat('a', 40), [str_repeat('a', 24)]];
    }

    /** @param list<string> $words */
    #[DataProvider('texts')]
    public function testAWordIsLettersAndDigitsOnly(string $text, array $words): void
    {
        self::assertSame($words, SearchWords::of($text));
    }

    public function testAPlateIsFoundWithAndWithoutItsMarksAndByItsEnd(): void
    {
        $pieces = SearchWords::pieces([], ['VI 2041']);

        self::assertSame([false, false, false], [$pieces['vi'], $pieces['2041'], $pieces['vi2041']]);
        self::assertSame([true, true], [$pieces['041'], $pieces['i2041']]);
        self::assertArrayNotHasKey('41', $pieces, 'too little inside a word');
    }

    public function testTheBeginningOfAWordIsNeverTakenForAnInside(): void
    {
        // "tern" ends "lantern" and is a word of its own
        self::assertFalse(SearchWords::pieces(['Lantern', 'Tern'], [])['tern']);
        self::assertTrue(SearchWords::pieces(['Lantern'], [])['tern']);
        self::assertSame([], SearchWords::pieces(['–'], ['  ']));
    }
}
