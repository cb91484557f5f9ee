<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\ModelReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ModelReaderTest extends TestCase
{
    private const MODEL = ['code' => 'A50', 'maker' => 'Aldermoor', 'cycle' => 'four_stroke', 'serialPrefixes' => ['AX-', 'BX-'], 'serialDigits' => 4];

    public function testReadsHowSerialNumbersAreWritten(): void
    {
        $cursor = Cursor::over(['format' => ModelReader::FORMAT, 'models' => [self::MODEL]]);
        $models = ModelReader::all($cursor);
        $cursor->flaws->throwIfAny();
        self::assertSame(['A50', 'AX- and 4 digits or BX- and 4 digits'], [$models[0]->code, $models[0]->serialShape()]);
        self::assertSame(['BX-', 17], [$models[0]->serial('BX-0017')?->prefix, $models[0]->serial('BX-0017')?->number]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> change, where the flaw is */
    public static function flawed(): iterable
    {
        yield 'small letters' => [['serialPrefixes' => ['ax-']], '/serialPrefixes/0'];
        yield 'a blank' => [['serialPrefixes' => ['AX-', 'B X']], '/serialPrefixes/1'];
        yield 'a digit at the end' => [['serialPrefixes' => ['AX1']], '/serialPrefixes/0'];
        yield 'a pattern for machines' => [['serialPrefixes' => ['AX.*']], '/serialPrefixes/0'];
        yield 'no prefix' => [['serialPrefixes' => []], '/serialPrefixes'];
        yield 'no digits' => [['serialDigits' => 0], '/serialDigits'];
        yield 'more digits than a number has' => [['serialDigits' => 10], '/serialDigits'];
        yield 'a cycle that is none' => [['cycle' => 'steam'], '/cycle'];
        yield 'a colour' => [['colour' => 'green'], '/colour'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('flawed')]
    public function testAPatternThatNobodyCouldReadIsRefused(array $change, string $pointer): void
    {
        $cursor = Cursor::over([...self::MODEL, ...$change]);
        ModelReader::at($cursor);

        try {
            $cursor->flaws->throwIfAny();
            self::fail('Nothing was noted.');
        } catch (InvalidDocument $error) {
            self::assertContains($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    /** @return iterable<string, array{string, string|null}> as typed, as it stands on the plate */
    public static function typed(): iterable
    {
        yield 'as it stands there' => ['BX-0017', 'BX-0017'];
        yield 'small letters' => ['bx-0017', 'BX-0017'];
        yield 'a blank for the dash' => ['BX 0017', 'BX-0017'];
        yield 'nothing for the dash' => ['bx0017', 'BX-0017'];
        yield 'a dash from a telephone' => ['BX–0017', 'BX-0017'];
        yield 'blanks around and between' => [' bx - 00 17 ', 'BX-0017'];
        yield 'a digit too few' => ['BX-017', null];
        yield 'a letter for a digit' => ['BX-00I7', null];
    }

    #[DataProvider('typed')]
    public function testReadsASerialNumberAsPeopleWriteIt(string $typed, ?string $plate): void
    {
        $model = new EngineModel('B', 'Dunmarrow', Cycle::FourStroke, ['BX-'], 4);

        self::assertSame($plate, $model->onPlate($typed));
    }
}
