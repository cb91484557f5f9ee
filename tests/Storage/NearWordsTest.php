<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage;

use FreshTack\Storage\NearWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NearWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> */
    public static function spellings(): iterable
    {
        yield 'right' => ['heron', 'heron', true];
        yield 'one wrong' => ['herun', 'heron', true];
        yield 'one too many' => ['herron', 'heron', true];
        yield 'one too few' => ['hern', 'heron', true];
        yield 'two swapped' => ['hreon', 'heron', true];
        yield 'the first swapped' => ['ehron', 'heron', true];
        yield 'the last swapped' => ['herno', 'heron', true];
        yield 'two wrong' => ['hurun', 'heron', false];
        yield 'two swapped and one wrong' => ['hreun', 'heron', false];
        yield 'two swapped that do not stand together' => ['oerhn', 'heron', false];
    }

    #[DataProvider('spellings')]
    public function testOneMistakeIsForgiven(string $typed, string $word, bool $near): void
    {
        self::assertSame($near, NearWords::isNear($typed, $word));
    }
}
