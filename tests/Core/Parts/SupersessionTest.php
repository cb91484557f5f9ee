<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Parts\CatalogueCheck;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\Origin;
use FreshTack\Core\Parts\Supersession;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SupersessionTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{array<array-key, string>, string, list<string>, list<string>}> newer by older, from, chain, loops */
    public static function chains(): iterable
    {
        yield 'nothing took its place' => [['A' => 'B'], 'B', ['B'], []];
        yield 'one step' => [['A' => 'B'], 'A', ['A', 'B'], []];
        yield 'two steps, from the middle' => [['A' => 'B', 'B' => 'C'], 'B', ['B', 'C'], []];
        yield 'two that lead to the same' => [['A' => 'C', 'B' => 'C'], 'A', ['A', 'C'], []];
        yield 'itself' => [['A' => 'A'], 'A', ['A'], ['A']];
        yield 'each other' => [['A' => 'B', 'B' => 'A'], 'A', ['A', 'B'], ['A', 'B']];
        yield 'into a loop, without being of it' => [['A' => 'B', 'B' => 'C', 'C' => 'B'], 'A', ['A', 'B', 'C'], ['B', 'C']];
        yield 'numbers that are digits only' => [['100' => '200', '200' => '300'], '100', ['100', '200', '300'], []];
    }

    /**
     * @param array<array-key, string> $newer
     * @param list<string>          $chain
     * @param list<string>          $loops
     */
    #[DataProvider('chains')]
    public function testFollowsAChainToTheCurrentNumber(array $newer, string $from, array $chain, array $loops): void
    {
        $supersession = new Supersession($newer);
        self::assertSame([$chain, $loops], [$supersession->chain($from), $supersession->loops()]);
    }

    /** Whatever leads to what: a chain ends, and never names a number twice. */
    public function testEveryChainEnds(): void
    {
        $this->limitTo(100)->forAll(Generators::seq(Generators::tuple(Generators::choose(1, 9), Generators::choose(1, 9))))->then(static function (array $pairs): void {
            $newer = [];
            foreach ($pairs as $pair) {
                \assert(\is_array($pair) && \is_int($pair[0]) && \is_int($pair[1]));
                $newer['P'.$pair[0]] = 'P'.$pair[1];
            }
            foreach (array_keys($newer) as $number) {
                $chain = (new Supersession($newer))->chain($number);
                self::assertSame(array_values(array_unique($chain)), $chain);
            }
        });
    }

    /** @return iterable<string, array{list<CataloguePart>, string, list<string>}> catalogue, changed part, pointers */
    public static function catalogues(): iterable
    {
        $part = static fn (string $number, ?string $by = null, KitLine ...$kit): CataloguePart => new CataloguePart($number, 'Seal', 'Aldermoor', Origin::Maker, 1, 'A1', 0, 95, $by, array_values($kit));
        yield 'all is known' => [[$part('A', 'B'), $part('B')], 'A', []];
        yield 'a number that is not there' => [[$part('A', 'B')], 'A', ['/rows/2/supersededBy']];
        yield 'a loop' => [[$part('A', 'B'), $part('B', 'A')], 'A', ['/rows/2/supersededBy']];
        yield 'a loop that it only leads into' => [[$part('A', 'B'), $part('B', 'C'), $part('C', 'B')], 'A', []];
        yield 'a kit of known parts' => [[$part('K', null, new KitLine('A', 2)), $part('A')], 'K', []];
        yield 'a kit with an unknown part' => [[$part('K', null, new KitLine('A', 2))], 'K', ['/rows/2/kit']];
        yield 'a kit in a kit' => [[$part('K', null, new KitLine('L', 1)), $part('L', null, new KitLine('A', 1)), $part('A')], 'K', ['/rows/2/kit']];
    }

    /**
     * @param list<CataloguePart> $parts
     * @param list<string>        $pointers
     */
    #[DataProvider('catalogues')]
    public function testAChangedPartMustFitTheRestOfTheCatalogue(array $parts, string $changed, array $pointers): void
    {
        $flaws = new Flaws();
        CatalogueCheck::check(array_column(array_map(static fn (CataloguePart $part): array => [$part->number, $part], $parts), 1, 0), [$changed => '/rows/2'], $flaws);
        $found = [];

        try {
            $flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            $found = array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws);
        }
        self::assertSame($pointers, $found);
    }
}
