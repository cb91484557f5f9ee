<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\PrintedCards;
use FreshTack\Exchange\Printer;
use FreshTack\Exchange\TighteningPicture;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Twig\Environment;
use Twig\Loader\FilesystemLoader;

/**
 * @phpstan-type Card array{
 *     no: int,
 *     operation: array<string, mixed>,
 *     engines: list<array{no: int, label: string}>,
 *     rows: list<list<array<string, mixed>>>,
 * }
 */
final class PrintedCardsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function testEveryOperationHasItsLineAndStandsOnOneCard(): void
    {
        $document = Requests::document(Requests::twin());
        $printed = PrintedCards::of($document, false);
        self::assertIsArray($document['operations']);
        self::assertSame(range(1, \count($document['operations'])), array_column($printed['lines'], 'no'));

        $numbers = [];
        foreach ($printed['cards'] as $card) {
            array_push($numbers, ...array_column((array) $card['engines'], 'no'));
        }
        sort($numbers);
        self::assertSame(range(1, \count($document['operations'])), $numbers);
        self::assertLessThan(\count($document['operations']), \count($printed['cards']));
    }

    public function testFiguresThatDifferAreToldWithTheirEngines(): void
    {
        // the gearcase seals of the two sides of the break have other numbers
        $tasks = ['gear_lubricant'];
        $document = Requests::document(Requests::rig([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', $tasks),
            Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', $tasks),
        ]));
        $figures = $this->figures(PrintedCards::of($document, false)['cards'], 'Fill the gear lubricant');

        self::assertContains([['2 × QV-61030', ['Port']], ['2 × QV-61230', ['Starboard']]], $figures);
        self::assertContains([['920 ml (31.1 US fl oz)', []]], $figures, 'the same at both: told once');
    }

    /** @return iterable<string, array{list<string>, mixed, int}> where the other engine's operation differs, how, and the cards */
    public static function differences(): iterable
    {
        yield 'nothing' => [['label'], 'Starboard', 1];
        yield 'the figure of a step' => [['steps', 'figure'], ['text' => '9 N·m', 'detail' => null], 1];
        yield 'how long it drains' => [['unattendedMin'], 12, 2];
        yield 'how long it takes' => [['attendedMin'], 7, 2];
        yield 'how many it takes' => [['people'], 2, 2];
        yield 'what stands beside a figure' => [['steps', 'beside'], 'of 16 mm', 2];
        yield 'the usual slip' => [['steps', 'slip'], 'Another.', 2];
        yield 'the order of fasteners' => [['steps', 'tightening'], ['pattern' => 'spiral_out'], 2];
        yield 'the stages' => [['steps', 'stages'], ['10', '20'], 2];
        yield 'rows' => [['steps', 'rows'], ['two of them'], 2];
    }

    /** @param list<string> $where */
    #[DataProvider('differences')]
    public function testWhatACardPrintsIsTrueOfAllItsEngines(array $where, mixed $other, int $cards): void
    {
        $step = [
            'text' => 'Tighten the plug.', 'figure' => ['text' => '8 N·m', 'detail' => null], 'beside' => 'of 14 mm', 'slip' => 'None.',
            'entry' => 'tick', 'tightening' => ['pattern' => 'crosswise'], 'stages' => [], 'rows' => [],
        ];
        $operation = [
            'title' => 'Close', 'label' => 'Port', 'position' => 'port', 'people' => 1, 'attendedMin' => 4, 'unattendedMin' => 0,
        ];
        $changed = 'steps' === $where[0]
            ? [...$operation, 'steps' => [[...$step, $where[1] => $other]]]
            : [...$operation, $where[0] => $other, 'steps' => [$step]];

        $printed = PrintedCards::of(['operations' => [[...$operation, 'steps' => [$step]], $changed]], false);
        self::assertCount($cards, $printed['cards']);
    }

    public function testShortPlainStepsStandTwoInARowUnlessTheirSlipIsPrintedToo(): void
    {
        $step = static fn (string $text): array => [
            'text' => $text, 'figure' => null, 'entry' => 'tick', 'rows' => [], 'check' => null, 'slip' => str_repeat('x', 130),
        ];
        $document = ['operations' => [['title' => 'One', 'label' => 'Engine', 'position' => 'single', 'steps' => [
            $step('First.'), $step('Second.'), $step(str_repeat('long ', 30)), $step('Fourth.'),
        ]]]];
        $sizes = static fn (bool $withSlips): array => array_map(
            static fn (mixed $row): int => \count((array) $row),
            (array) PrintedCards::of($document, $withSlips)['cards'][0]['rows'],
        );

        self::assertSame([2, 1, 1], $sizes(false));
        self::assertSame([1, 1, 1, 1], $sizes(true));
    }

    /**
     * Engines, their tasks (null: all), most pages of A4.
     *
     * @return iterable<string, array{list<array{string, string, string, string}>, list<list<string>>|null, int}>
     */
    public static function sheets(): iterable
    {
        $k320 = static fn (string $position, int $number): array => [$position, 'K320', 'KT6-3000'.$number, 'kestrane-k320'];
        $due = [
            'engine_oil', 'oil_filter', 'gear_lubricant', 'propeller_shaft', 'external_anodes', 'accessory_belt', 'lubrication',
            'inspection',
        ];
        yield 'a twin, all that is due' => [
            [['port', 'K165', 'KS4-10412', 'kestrane-k165-early'], ['starboard', 'K165', 'KS4-20977', 'kestrane-k165-late']],
            [[...$due, 'spark_plugs', 'water_pump'], $due],
            11,
        ];
        yield 'five engines, everything' => [
            [$k320('port_outer', 1), $k320('port', 2), $k320('centre', 3), $k320('starboard', 4), $k320('starboard_outer', 5)],
            null,
            24,
        ];
    }

    /**
     * @param list<array{string, string, string, string}> $engines
     * @param list<list<string>>|null                     $tasks
     */
    #[DataProvider('sheets')]
    public function testTheFullSheetHasNoMorePagesThanSomebodyCarries(array $engines, ?array $tasks, int $most): void
    {
        $all = static fn (string $sheet): array => array_map(
            static fn (Task $task): string => $task->value,
            SheetReader::read(Book::sheet($sheet))->tasks(),
        );
        $rig = Requests::rig(array_map(
            static fn (array $engine, int $place): array => Requests::engine(...[...$engine, $tasks[$place] ?? $all($engine[3])]),
            $engines,
            array_keys($engines),
        ));
        $document = (array) json_decode((string) json_encode(Requests::document($rig, Effort::Preview)), true);
        $folder = sys_get_temp_dir().'/fresh-tack-cards-'.bin2hex(random_bytes(4));
        $printer = new Printer(new Environment(new FilesystemLoader(self::ROOT.'/templates')), self::ROOT.'/var/fonts', $folder);
        $pdf = $printer->print('sheet', $this->content($document), 'a4', 'order 2402');

        self::assertLessThanOrEqual($most, preg_match_all('~/Type\s*/Page\b(?!s)~', $pdf));
        foreach ((array) glob($folder.'/prints/*') as $file) {
            unlink((string) $file);
        }
        rmdir($folder.'/prints');
        rmdir($folder);
    }

    public function testTheTypeIsAsLargeAsHandsWithGlovesNeed(): void
    {
        $style = (string) file_get_contents(self::ROOT.'/templates/print/base.html.twig');

        self::assertStringContainsString('sans-serif; font-size: 11pt', $style);
        self::assertStringContainsString('.big { font-size: 17pt', $style);
        self::assertStringContainsString('.note { font-size: 9.5pt', $style);
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<string, mixed>
     */
    private function content(array $document): array
    {
        $patterns = $short = [];
        foreach (Pattern::cases() as $pattern) {
            $patterns[$pattern->value] = TighteningPicture::of($pattern->value);
        }
        foreach (Position::cases() as $position) {
            $short[$position->label()] = $position->initials();
        }

        return [
            'work' => $document,
            'boat' => [
                'name' => 'Brisk Tern',
                'kind' => 'water taxi',
                'registration' => 'VT 12',
                'owner' => ['name' => 'Verrin Inlet Water Taxi'],
            ],
            'number' => 2402,
            'density' => 'full',
            'short' => $short,
            'bench' => 'http://127.0.0.1:8420/orders/2402/bench',
            'qr' => null,
            'patterns' => array_filter($patterns, \is_string(...)),
            'stairs' => [],
            'cards' => PrintedCards::of($document, false),
            'appearances' => Observation::answersTo('oil_appearance'),
            'leaks' => Observation::answersTo('leaks'),
            'tellTales' => Observation::answersTo('tell_tale'),
        ];
    }

    /**
     * @param list<array<mixed>> $cards
     *
     * @return list<list<array{mixed, mixed}>> of each step of the card of this title: texts, and for whom
     */
    private function figures(array $cards, string $title): array
    {
        foreach ($cards as $card) {
            self::assertIsArray($card['operation']);
            if ($title === $card['operation']['title']) {
                $rows = array_values((array) $card['rows']);
                $steps = array_merge(...array_map(static fn (mixed $row): array => array_values((array) $row), $rows));

                return array_map(
                    static fn (mixed $step): array => array_values(array_map(
                        static fn (mixed $figure): array => \is_array($figure) ? [$figure['text'], $figure['who']] : [null, null],
                        \is_array($step) ? (array) $step['figures'] : [],
                    )),
                    $steps,
                );
            }
        }
        self::fail('There is no card of this title.');
    }
}
