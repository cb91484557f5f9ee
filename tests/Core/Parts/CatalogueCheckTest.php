<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use FreshTack\Core\Parts\CatalogueCheck;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\Origin;
use FreshTack\Core\Parts\PartReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueCheckTest extends TestCase
{
    /** @return iterable<string, array{CataloguePart, list<string>}> a part beside a filter F and a kit K; what is wrong with it */
    public static function parts(): iterable
    {
        yield 'leads to a part that is there' => [self::part('A', supersededBy: 'F'), []];
        yield 'leads nowhere' => [self::part('A', supersededBy: 'Z'), ['/supersededBy: Z is not in the catalogue: add it first, or in the same file.']];
        yield 'holds what is there' => [self::part('A', kit: ['F']), []];
        yield 'holds an unknown part' => [self::part('A', kit: ['Z']), ['/kit: Z is not in the catalogue: add it first, or in the same file.']];
        yield 'holds a kit' => [self::part('A', kit: ['K']), ['/kit: K is a kit itself: name what it holds.']];
        yield 'stands in for the maker\'s' => [self::part('A', Origin::Other, substituteFor: 'F'), []];
        yield 'stands in for another\'s' => [self::part('A', Origin::Other, substituteFor: 'O'), ['/substituteFor: O is no number of the engine maker\'s in the catalogue.']];
        yield 'stands in for nothing known' => [self::part('A', Origin::Other, substituteFor: 'Z'), ['/substituteFor: Z is no number of the engine maker\'s in the catalogue.']];
    }

    /** @param list<string> $wrong */
    #[DataProvider('parts')]
    public function testAPartFitsTheRestOfTheCatalogue(CataloguePart $part, array $wrong): void
    {
        $others = ['F' => self::part('F'), 'O' => self::part('O', Origin::Other), 'K' => self::part('K', kit: ['F'])];
        self::assertSame($wrong, self::flaws(static fn (Flaws $flaws) => CatalogueCheck::check([...$others, 'A' => $part], ['A' => ''], $flaws)));
    }

    public function testALoopIsToldWithItsWay(): void
    {
        $parts = ['A' => self::part('A', supersededBy: 'B'), 'B' => self::part('B', supersededBy: 'A')];
        self::assertSame(['/supersededBy: A would lead back to itself: A → B → A.'], self::flaws(static fn (Flaws $flaws) => CatalogueCheck::check($parts, ['A' => ''], $flaws)));
    }

    public function testTheMakersOwnPartStandsInForNothing(): void
    {
        $cursor = Cursor::over(['number' => 'A', 'description' => 'Filter', 'maker' => 'Kestrane', 'origin' => 'maker', 'packSize' => 1, 'bin' => 'A1', 'inStock' => 1, 'priceMinor' => 100, 'supersededBy' => null, 'kit' => [], 'substituteFor' => 'F']);
        PartReader::at($cursor);

        $this->expectExceptionMessage('Only another maker\'s part stands in for one of the engine maker\'s.');
        $cursor->flaws->throwIfAny();
    }

    /** @param list<string> $kit */
    private static function part(string $number, Origin $origin = Origin::Maker, ?string $supersededBy = null, array $kit = [], ?string $substituteFor = null): CataloguePart
    {
        return new CataloguePart($number, 'Part', 'Kestrane', $origin, 1, 'A1', 1, 100, $supersededBy, array_map(static fn (string $part): KitLine => new KitLine($part, 1), $kit), substituteFor: $substituteFor);
    }

    /**
     * @param \Closure(Flaws): mixed $check
     *
     * @return list<string>
     */
    private static function flaws(\Closure $check): array
    {
        $flaws = new Flaws();
        $check($flaws);

        try {
            $flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            return array_map(static fn (Flaw $flaw): string => $flaw->pointer.': '.$flaw->message, $error->flaws);
        }

        return [];
    }
}
