<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Reading;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Cycle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CursorTest extends TestCase
{
    /** @return iterable<string, array{mixed, \Closure(Cursor): mixed, string}> a value, how it is read, the flaw that is noted */
    public static function flawed(): iterable
    {
        yield 'text that is missing' => [null, static fn (Cursor $at) => $at->string(), 'This is needed.'];
        yield 'text that is blank' => ['', static fn (Cursor $at) => $at->string(), 'This is needed.'];
        yield 'a number for text' => [7, static fn (Cursor $at) => $at->string(), 'This must be text.'];
        yield 'text that is too long' => ['abcdef', static fn (Cursor $at) => $at->string(5), 'At most 5 characters, please.'];
        yield 'text for a whole number' => ['7', static fn (Cursor $at) => $at->int(1, 9), 'This must be a whole number from 1 to 9.'];
        yield 'a whole number just above the most' => [10, static fn (Cursor $at) => $at->int(1, 9), 'This must be a whole number from 1 to 9.'];
        yield 'a broken number' => [1.5, static fn (Cursor $at) => $at->int(1, 9), 'This must be a whole number from 1 to 9.'];
        yield 'yes as text' => ['yes', static fn (Cursor $at) => $at->bool(), 'This must be yes or no.'];
        yield 'a word that is none of the choices' => ['steam', static fn (Cursor $at) => $at->enum(Cycle::class), 'This must be one of: four_stroke, two_stroke, electric, diesel.'];
        yield 'a day that does not exist' => [
            '2026-02-30',
            static fn (Cursor $at) => $at->day(),
            'This must be a day that exists, from 1900 to 2199, written YYYY-MM-DD.',
        ];
        yield 'a day written the other way' => [
            '30.01.2026',
            static fn (Cursor $at) => $at->day(),
            'This must be a day that exists, from 1900 to 2199, written YYYY-MM-DD.',
        ];
        yield 'an object for a list' => [['a' => 1], static fn (Cursor $at) => $at->list(), 'This must be a list.'];
        yield 'a list that is too short' => [[], static fn (Cursor $at) => $at->list(1, 5), 'This list must have 1 to 5 entries; it has 0.'];
        yield 'a list for an object' => [[1], static fn (Cursor $at) => $at->keys(), 'This must be an object.'];
        yield 'an error while it is made' => ['-1', static fn (Cursor $at) => $at->attempt(static fn () => EngineHours::of('-1')), 'A reading of hours can\'t be below zero, but is -1.'];
    }

    /** @param \Closure(Cursor): mixed $read */
    #[DataProvider('flawed')]
    public function testNotesWhatIsWrongAtItsPlace(mixed $value, \Closure $read, string $message): void
    {
        $cursor = Cursor::over(['engines' => [['here' => $value]]]);
        $read($cursor->at('engines')->at(0)->at('here'));

        self::assertEquals([new Flaw('/engines/0/here', $message)], self::flawsOf($cursor));
    }

    /** @return iterable<string, array{mixed, \Closure(Cursor): mixed, mixed}> */
    public static function sound(): iterable
    {
        yield 'text loses the blanks around it' => ['  D36-61207 ', static fn (Cursor $at) => $at->string(), 'D36-61207'];
        yield 'optional text that is missing' => [null, static fn (Cursor $at) => $at->optionalString(), null];
        yield 'optional text that is blank' => ['', static fn (Cursor $at) => $at->optionalString(), null];
        yield 'the least whole number' => [1, static fn (Cursor $at) => $at->int(1, 9), 1];
        yield 'the most' => [9, static fn (Cursor $at) => $at->int(1, 9), 9];
        yield 'an optional number that is missing' => [null, static fn (Cursor $at) => $at->optionalInt(1, 9), null];
        yield 'no' => [false, static fn (Cursor $at) => $at->bool(), false];
        yield 'a leap day' => ['2028-02-29', static fn (Cursor $at) => $at->day()->format('j M Y'), '29 Feb 2028'];
        yield 'a list of texts' => [['a', 'b'], static fn (Cursor $at) => $at->strings(), ['a', 'b']];
    }

    /** @param \Closure(Cursor): mixed $read */
    #[DataProvider('sound')]
    public function testReadsWhatIsSound(mixed $value, \Closure $read, mixed $expected): void
    {
        $cursor = Cursor::over(['here' => $value]);

        self::assertSame($expected, $read($cursor->at('here')));
        self::assertSame([], self::flawsOf($cursor));
    }

    public function testFindsAllFlawsInOneReading(): void
    {
        $cursor = Cursor::over(['a' => 1, 'b' => 'x', 'c~/d' => null]);
        $cursor->at('a')->string();
        $cursor->at('b')->int(0, 1);
        $cursor->at('c~/d')->bool();
        $cursor->knowsOnly('a', 'b');

        self::assertSame(['/a', '/b', '/c~0~1d', '/c~0~1d'], array_map(static fn (Flaw $flaw): string => $flaw->pointer, self::flawsOf($cursor)));
    }

    public function testTheMessageListsEveryFlaw(): void
    {
        $error = InvalidDocument::because(new Flaw('', 'first'), new Flaw('/b', 'second'));

        self::assertSame("/: first\n/b: second", $error->getMessage());
        self::assertSame('document.invalid', $error->errorKey());
    }

    /** @return list<Flaw> */
    private static function flawsOf(Cursor $cursor): array
    {
        try {
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            return $error->flaws;
        }

        return [];
    }
}
