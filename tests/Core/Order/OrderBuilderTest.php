<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Fastening\StandIn;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Order\BlockedTask;
use FreshTack\Core\Order\EngineOrder;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\ToolLine;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Policy\InvalidPolicy;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\School;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderBuilderTest extends TestCase
{
    use TestTrait;

    public function testTheTwinIsPooledAndFilledFromTheShelf(): void
    {
        $pool = Requests::build(Requests::twin())->oil[0];

        // 2 × 5460 ml + 2 × 250 ml reserve = 11 420 ml; see the container planner for 2 × 5 l and 2 quarts at 119.60
        self::assertSame([10920, 500, 11420], [$pool->capacity->millilitresUp(), $pool->reserve->millilitresUp(), $pool->need->millilitresUp()]);
        self::assertSame([472, 11960], [$pool->plan?->leftOverMl, $pool->plan?->costMinor]);
        self::assertSame('10.92 US quarts would be 586 ml short of 10.92 litres.', $pool->trap);
        self::assertSame(
            'Port 5.46 l (5.77 US qt) + starboard 5.46 l (5.77 US qt); '
            .'reserve for top-ups 250 ml (8.5 US fl oz) an engine (shop policy).',
            $pool->why,
        );
    }

    public function testEachSideOfTheSerialBreakGetsItsOwnFilter(): void
    {
        $order = Requests::build(Requests::twin());

        self::assertSame(
            [['QV-50318', 1, 'Port', 0], ['QV-50644', 1, 'Starboard', 1]],
            array_map(static fn ($part): array => [$part->number, $part->count, $part->positions[0]->label(), $part->short()], $order->parts->lines),
        );
        self::assertSame('⅝ – ⅞ turn', self::step($order, 'port.filter-on.turn')->figures->figure?->text);
        self::assertSame('17.5 N·m', self::step($order, 'starboard.filter-on.turn')->figures->figure?->text);
    }

    public function testPouringBeginsShortOfTheCapacity(): void
    {
        // 90 % of 5460 ml are 4914 ml, in steps of 50 ml 4900 ml
        self::assertSame('4.90 l (5.18 US qt)', self::step(Requests::build(Requests::twin()), 'port.fill.pour')->figures->figure?->text);
    }

    public function testTheValvesOpeningLimitStandsBesideItsClosingFigure(): void
    {
        $order = Requests::build(Requests::twin());

        self::assertSame(
            ['2½ turns', '8.5 N·m'],
            [
                self::step($order, 'port.drain-valve.open')->figures->figure?->text,
                self::step($order, 'port.close-valve.close')->figures->figure?->text,
            ],
        );
        self::assertSame('11 mm', self::step($order, 'port.drain-valve.hose')->figures->figure?->text);
    }

    public function testLabourCountsEachCoverOnce(): void
    {
        $labour = Requests::build(Requests::twin())->labour;

        // rig: place 4, close out 4 = 8; each engine: lock 1, cowl 2 + 3, lift 1, warm 4, lock 1, gather 1,
        // drain 4 + 3, filter 4 + 4, fill 4, rest 1, first reading 3, lift 1, run 4, leaks 3, lock 1, rest 1, reading 3, hand back 1 = 50
        self::assertSame([108, 0], [$labour->handsOn->count, $labour->secondHand->count]);
        // each engine: 5 min until it is warm, 7 min before the reading
        self::assertSame(24, $labour->presence->count);
        // 108 + 24 min are 22 tenths of an hour
        self::assertSame(22, $labour->soldTenths());
        // each engine: gather 3, drain 14, rest after the pour 6, rest after the run 25 = 48
        self::assertSame(96, $labour->unattended->count);
    }

    public function testEnginesShareTheRigAndPassEachStationTogether(): void
    {
        $ids = self::ids(Requests::build(Requests::twin()));

        self::assertSame(['rig.place', 'rig.close-out'], [$ids[0], $ids[\count($ids) - 1]]);
        self::assertCount(1, array_keys($ids, 'rig.place', true));
        self::assertLessThan(array_search('port.reading', $ids, true), array_search('starboard.run', $ids, true), 'one is worked on while the other rests');
    }

    public function testAPlugBehindAPanelWithATroughUnderTheFilter(): void
    {
        $order = Requests::build(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']));
        $ids = self::ids($order);

        self::assertSame(['DM-11407', 'DM-20961', 'DM-11415'], array_map(static fn ($part): string => $part->number, $order->parts->lines));
        self::assertSame([true, true, true], array_map(static fn ($part): bool => $part->singleUse, $order->parts->lines));
        $inTurn = [
            'single.warm-up',
            'single.tilt-up',
            'single.gather',
            'single.drain-plug',
            'single.close-plug',
            'single.spill-open',
            'single.filter-off',
            'single.filter-on',
            'single.spill-close',
            'single.lower',
            'single.fill',
        ];
        self::assertSame($inTurn, array_values(array_intersect($ids, $inTurn)));
        self::assertSame(['single.panel-on', 'single.cowl-on'], array_values(array_intersect($ids, ['single.panel-on', 'single.cowl-on'])));
        // the sheet's own figure in its own unit, the other converted: 19 ft·lb × 1.35582 = 25.8 N·m
        self::assertSame(
            ['19 ft·lb', '17 – 21 ft·lb · ≈ 25.8 N·m · clean and dry thread'],
            [
                self::step($order, 'single.close-plug.close')->figures->figure?->text,
                self::step($order, 'single.close-plug.close')->figures->figure?->detail,
            ],
        );
        // 2.73 US qt × 946.352946 = 2583.5 ml, counted as 2584 ml
        self::assertSame(2584, $order->oil[0]->capacity->millilitresUp());
    }

    public function testWithoutItsFilterAnEngineTakesLessOil(): void
    {
        $order = Requests::build(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']));

        // 2.52 US qt × 946.352946 = 2384.8 ml
        self::assertSame(2385, $order->oil[0]->capacity->millilitresUp());
        self::assertSame(['DM-11407'], array_map(static fn ($part): string => $part->number, $order->parts->lines));
        self::assertNotContains('single.spill-open', self::ids($order));
    }

    public function testAnEngineWithoutFilter(): void
    {
        $request = Requests::single('D12', 'D12-4471', 'dunmarrow-d12', ['engine_oil', 'oil_filter']);
        $order = Requests::build($request);

        self::assertSame([['oil_filter', 'The sheet\'s schedule does not know oil filter.']], self::blocked($order));
        self::assertSame(['engine_oil'], self::ready($order->engines[0]));
        // its class VO-2 is not on this shelf: another oil never stands in
        self::assertNull($order->oil[0]->plan);
        // 870 ml and 250 ml of reserve
        self::assertStringContainsString('1120 ml are needed', (string) $order->oil[0]->shortage);
    }

    public function testAHoleBlocksItsTaskAndTheRestGoesOn(): void
    {
        $order = Requests::build(Requests::single('K85', 'KM2-5120', 'kestrane-k85', ['engine_oil', 'oil_filter']));

        self::assertSame([['oil_filter', 'Missing in the spec book: oil filter tightening.']], self::blocked($order));
        self::assertSame(['oilFilter.tightening'], $order->blocked()[0]->holes);
        self::assertSame(['engine_oil'], self::ready($order->engines[0]));
        // parked without its filter: 3.17 l, not 3.38 l
        self::assertSame(3170, $order->oil[0]->capacity->millilitresUp());
        self::assertTrue($order->hasWork());
    }

    /** @return iterable<string, array{string, string}> path taken out, name of the hole */
    public static function holes(): iterable
    {
        yield 'the capacity with filter' => ['engineOil.capacityWithFilter', 'oil capacity with filter'];
        yield 'the filter' => ['oilFilter.part', 'oil filter part number'];
    }

    #[DataProvider('holes')]
    public function testAHoleOfTheFilterLeavesTheOil(string $path, string $label): void
    {
        $order = Requests::build(self::d65With($path, null));

        self::assertSame([['oil_filter', "Missing in the spec book: $label."]], self::blocked($order));
    }

    /** @return iterable<string, array{string, string}> */
    public static function oilHoles(): iterable
    {
        yield 'the kind of drain' => ['drain.kind', 'kind of drain'];
        yield 'the closing figure' => ['drain.closing', 'drain closing figure'];
        yield 'the seal' => ['drain.seal', 'drain seal'];
        yield 'the rest after a run' => ['engineOil.restAfterRun', 'rest after a run before a reading counts'];
        yield 'the grades' => ['engineOil.grades', 'oil grades by air temperature'];
        yield 'the class' => ['engineOil.performanceClass', 'oil performance class'];
    }

    #[DataProvider('oilHoles')]
    public function testAHoleOfTheOilBlocksTheFilterAsWell(string $path, string $label): void
    {
        $blocked = self::blocked(Requests::build(self::d65With($path, null)));

        self::assertSame(['engine_oil', 'oil_filter'], self::sorted(array_column($blocked, 0)));
        self::assertStringContainsString($label, implode(' ', array_column($blocked, 1)));
    }

    public function testTheFilterIsNotDoneWithoutTheOil(): void
    {
        $order = Requests::build(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['oil_filter']));

        self::assertSame([['oil_filter', 'Oil filter is changed only together with engine oil, which is not in this order.']], self::blocked($order));
        self::assertSame('Pick engine oil as well.', $order->blocked()[0]->remedy);
        self::assertFalse($order->hasWork());
        self::assertSame([[], [], [], 0], [$order->operations, $order->parts->lines, $order->oil, $order->labour->handsOn->count]);
    }

    public function testAirOutsideEveryGradeIsSaid(): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']), ['air'], ['coldest' => -30, 'warmest' => 10]);

        self::assertSame([['engine_oil', 'No oil grade of the sheet covers air from −30 °C to 10 °C (10W-30 from −18 °C to 28 °C; 10W-40 from −8 °C to 44 °C).']], self::blocked(Requests::build($request)));
    }

    public function testAfloatOilIsPumpedOutAndTheFirstPourIsSmaller(): void
    {
        $request = Book::with(Requests::single('D12', 'D12-4471', 'dunmarrow-d12', ['engine_oil']), ['place'], 'afloat');
        $order = Requests::build($request);

        self::assertContains('single.drain-extract', self::ids($order));
        self::assertNotContains('single.drain-plug', self::ids($order));
        self::assertSame([], $order->parts->lines);
        self::assertContains(Caution::OverWater, $order->cautions);
        // 90 % of 870 ml are 783 ml, less 60 ml that stay behind: 723 ml, in steps of 50 ml 700 ml
        self::assertSame('700 ml (23.7 US fl oz)', self::step($order, 'single.fill.pour')->figures->figure?->text);
        // to pull: 870 ml less those 60 ml, and 250 ml for top-ups
        self::assertSame('1.06 l (1.12 US qt)', $order->oil[0]->need->inBothUnits());
        self::assertStringContainsString('that extraction leaves', $order->oil[0]->why);
    }

    public function testTheTestTankIsNotOfferedAfloat(): void
    {
        $school = Book::with(
            Requests::single('D12', 'D12-4471', 'dunmarrow-d12', ['engine_oil']),
            ['policy', 'schools'],
            ['how_to_run' => 'test_tank'],
        );
        $named = static fn (array $request): bool => str_contains(
            Json::encode(WorkOrderDocument::of(Requests::build($request))['operations']),
            'test tank',
        );

        self::assertTrue($named($school), 'ashore it is');
        self::assertFalse($named(Book::with($school, ['place'], 'afloat')));
    }

    public function testAfloatNothingIsDoneThatTheSheetDoesNotAllow(): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']), ['place'], 'afloat');

        self::assertSame([['engine_oil', 'Afloat oil is only taken out by extraction, and the sheet does not allow that here.']], self::blocked(Requests::build($request)));
    }

    public function testALevelAboveTheMarkOnArrivalWaitsForADecision(): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']), ['engines', 0, 'arrival'], ['reading' => '1.15', 'restMin' => 600, 'decision' => null]);
        $order = Requests::build($request);

        self::assertSame(Advice::Investigate, $order->engines[0]->arrivalAdvice?->advice);
        self::assertSame([['engine_oil', 'The level stood above the top mark on arrival: fuel or water in the oil, or an overfill.']], self::blocked($order));
        self::assertTrue(Requests::build(Book::with($request, ['engines', 0, 'arrival', 'decision'], 'Overfilled in autumn, owner says.'))->hasWork());
    }

    public function testAnUnsettledReadingOnArrivalDecidesNothing(): void
    {
        $request = Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']), ['engines', 0, 'arrival'], ['reading' => '1.15', 'restMin' => 5, 'decision' => null]);
        $order = Requests::build($request);

        self::assertSame([Advice::Wait, 13], [$order->engines[0]->arrivalAdvice?->advice, $order->engines[0]->arrivalAdvice?->waitMin]);
        self::assertTrue($order->hasWork());
    }

    public function testCautionsFollowTheOperationsAndEndWithTheManual(): void
    {
        $cautions = Requests::build(Requests::twin())->cautions;

        self::assertSame([Caution::CannotStart, Caution::Manual], [$cautions[0], $cautions[\count($cautions) - 1]]);
        self::assertNotContains(Caution::OverWater, $cautions);
    }

    public function testGatesStandAtTheOperationsThatTheyGuard(): void
    {
        $fill = array_values(array_filter(Requests::build(Requests::twin())->operations, static fn (OrderedOperation $operation): bool => 'port.fill' === $operation->id()))[0];

        self::assertSame([Gate::NotRunning, Gate::LockedOut, Gate::DrainShut, Gate::SpillShut, Gate::FilterFitted], $fill->work->gates());
    }

    public function testEveryFastenerThatAStepNamesHasWhatTurnsIt(): void
    {
        $order = Requests::build(Requests::single('B60', 'BB6-20100', 'brannock-b60', ['water_pump', 'accessory_belt']));
        $tools = array_map(static fn (ToolLine $tool): string => trim($tool->name.' '.$tool->size), $order->tools);

        // the flange has hexagons of 14 mm and one socket head of 10 mm, the pump hexagons of 10 mm; it is turned on by an angle
        foreach (['Socket 14 mm', 'Hex key 10 mm', 'Socket 10 mm', 'Angle gauge', 'Tensioner bar BR-T31'] as $tool) {
            self::assertContains($tool, $tools);
        }
    }

    public function testToolsAreMergedWithTheirSizes(): void
    {
        $tools = array_map(static fn ($tool): string => $tool->name.' '.$tool->size.' ×'.\count($tool->positions), Requests::build(Requests::twin())->tools);

        self::assertContains('Drain hose, bore 11 mm ×2', $tools);
        self::assertContains('Filter cup wrench 72 mm ×1', $tools);
        self::assertContains('Filter cup wrench 76 mm ×1', $tools);
        self::assertContains('Torque wrench that reaches 8.5 N·m ×2', $tools);
        self::assertSame($tools, array_values(array_unique($tools)));
    }

    public function testWhatIsDrawnComesWithItsStep(): void
    {
        $document = Cursor::over(Requests::document(Requests::single('K320', 'KT6-30001', 'kestrane-k320', ['water_pump', 'propeller_shaft'])));
        $drawn = [];
        foreach ($document->at('operations')->list() as $operation) {
            foreach ($operation->at('steps')->list() as $step) {
                $drawn[$step->at('id')->string()] = [$step->at('stages')->raw(), $step->at('degrees')->raw(), $step->at('stack')->at(0)->at('facing')->raw()];
            }
        }

        self::assertSame([['25', '45', '58'], null, null], $drawn['single.lower-unit-on.tight']);
        self::assertSame([[], null, 'cone to the gearcase'], $drawn['single.propeller-on.stack']);
        self::assertSame([[], null, null], $drawn['single.propeller-on.nut']);
    }

    public function testAPanHoldsWhatAllEnginesGive(): void
    {
        $pans = array_values(array_filter(Requests::build(Requests::twin())->tools, static fn (ToolLine $tool): bool => [] !== $tool->holds));

        // 2 × 5.46 l
        self::assertSame([['Oil pan that holds', '10.92 l (11.54 US qt) in all']], array_map(static fn (ToolLine $tool): array => [$tool->name, $tool->size], $pans));
        self::assertStringEndsWith('Port 5.46 l (5.77 US qt), Starboard 5.46 l (5.77 US qt).', $pans[0]->why());
        $single = Requests::build(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'gear_lubricant']))->tools;
        self::assertEqualsCanonicalizing(
            ['2.52 US qt (2.38 l)', '24.7 US fl oz (730 ml)'],
            array_values(array_map(
                static fn (ToolLine $tool): ?string => $tool->size,
                array_filter($single, static fn (ToolLine $tool): bool => [] !== $tool->holds),
            )),
        );
    }

    public function testAWrenchOfThisListStandsInBeforeAnother(): void
    {
        $line = static fn (string $name, string $size, LengthUnit $unit): ToolLine => new ToolLine($name, $size.' '.$unit->value, head: Length::of($size, $unit));
        $served = $line('Socket', '14', LengthUnit::Millimetre)->servedBy($line('Wrench', '0.5625', LengthUnit::Inch));

        self::assertSame('0.5625 in (on this list)', $served->standIn);
        // 9/16 in is 14.29 mm: 0.29 mm over 14 mm; 1/2 in is 12.7 mm: too small for 13 mm and 0.7 mm over 12 mm
        self::assertSame([true, false, false, false], [
            StandIn::turns(Length::of('0.5625', LengthUnit::Inch), Length::of('14', LengthUnit::Millimetre)),
            StandIn::turns(Length::of('0.5', LengthUnit::Inch), Length::of('13', LengthUnit::Millimetre)),
            StandIn::turns(Length::of('0.5', LengthUnit::Inch), Length::of('12', LengthUnit::Millimetre)),
            StandIn::turns(Length::of('14', LengthUnit::Millimetre), Length::of('14', LengthUnit::Millimetre)),
        ]);
    }

    public function testASizeStandsInForAHexagonAloneAndNotForACup(): void
    {
        $tools = Requests::build(Requests::single('K240', 'KT6-20000', 'kestrane-k240-late', ['engine_oil', 'oil_filter']))->tools;
        $standIns = array_filter(array_column(array_map(static fn (ToolLine $tool): array => [$tool->name, $tool->standIn], $tools), 1, 0), \is_string(...));

        // a drain valve of 14 mm: 9/16 in is 14.29 mm
        self::assertSame(['Open-end wrench for the drain valve' => '9/16 in'], $standIns);
    }

    public function testTheSameRequestGivesTheSameOrderByteForByte(): void
    {
        self::assertSame(Json::encode(Requests::document(Requests::twin())), Json::encode(Requests::document(Requests::twin())));
    }

    public function testTheOrderOfTheEnginesInTheRequestDoesNotMatter(): void
    {
        $turned = Requests::twin();
        $engines = $turned['engines'];
        self::assertIsArray($engines);
        $turned['engines'] = array_reverse($engines);

        self::assertSame(Json::encode(Requests::document(Requests::twin())), Json::encode(Requests::document($turned)));
    }

    /** Whatever is picked, on whatever engines, by whatever school: the gates hold, replayed apart from the planner, and steps have ids of their own. */
    public function testAnyRigCanBeBuiltWithoutBreakingAGate(): void
    {
        $sheets = self::demoEngines();
        $tasks = array_column(Task::cases(), 'value');
        $positions = ['port_outer', 'port', 'centre', 'starboard', 'starboard_outer'];
        $orders = (int) getenv('FRESH_TACK_ORDERS');
        $this->limitTo($orders > 0 ? $orders : 250)->forAll(
            Generators::vector(5, Generators::tuple(Generators::choose(0, \count($sheets) - 1), Generators::choose(0, (1 << \count($tasks)) - 1))),
            Generators::choose(1, 5),
            Generators::elements(['shop', 'trailer', 'lift', 'afloat']),
            Generators::vector(\count(Question::cases()), Generators::choose(0, 2)),
            Generators::choose(1, 3),
            Generators::choose(0, 7),
        )->then(static function (
            array $engines,
            int $count,
            string $place,
            array $answers,
            int $technicians,
            int $kind,
        ) use ($sheets, $tasks, $positions): void {
            /** @var list<array{int, int}> $engines */
            $built = [];
            foreach (\array_slice($engines, 0, $count) as $index => [$sheet, $bits]) {
                $picked = array_values(array_filter($tasks, static fn (int $place): bool => 1 === (($bits >> $place) & 1), \ARRAY_FILTER_USE_KEY));
                $built[] = Requests::engine($positions[$index], ...[...$sheets[$sheet], $picked]);
            }
            $arrivals = [
                $built[0]['arrival'] ?? null,
                null,
                ['reading' => '0.5', 'restMin' => 2, 'decision' => null],
                ['reading' => '-0.2', 'restMin' => 600, 'decision' => 'Told to change it.'],
            ];
            $separators = ['unknown', 'none', 'one', 'each'][$kind >> 1];
            $built = array_map(static fn (array $engine, int $at): array => [
                ...$engine,
                'arrival' => $arrivals[$kind >> 1],
                'separator' => 'each' === $separators || ('one' === $separators && 0 === $at),
            ], $built, array_keys($built));
            $request = [
                ...Requests::rig($built),
                'place' => $place,
                'technicians' => $technicians,
                'sharedLockout' => 1 === ($kind & 1),
                'separators' => ['count' => $separators, 'element' => 'TW-4410', 'every' => ['hours' => '100', 'months' => 12]],
            ];
            $order = Requests::build(
                Book::with($request, ['policy', 'schools'], self::schools($answers)),
                match (true) {
                    0 === $kind => Effort::Preview,
                    1 === $kind && $count < 3 => Effort::Full,
                    default => Effort::Quick,
                },
            );
            self::assertGreaterThanOrEqual($order->timeline->boundMin ?? 0, $order->timeline->elapsedMin, 'no plan beats the bound');
            $ids = array_map(static fn (OrderedStep $step): string => $step->id->text, self::steps($order));
            self::assertSame($ids, array_values(array_unique($ids)));
            self::assertTheBenchTakesIt($order);
            self::assertSame(
                [],
                preg_grep('/____/', array_map(static fn (OrderedStep $step): string => $step->words->text, self::steps($order))),
            );
            self::assertNobodyIsInTwoPlaces($order);
        });
    }

    private static function assertNobodyIsInTwoPlaces(WorkOrder $order): void
    {
        $busy = [];
        foreach ($order->timeline->entries as $entry) {
            foreach ($entry->technicians as $technician) {
                for ($minute = $entry->startMin; $minute < $entry->heldEndMin; ++$minute) {
                    self::assertArrayNotHasKey("$technician|$minute", $busy, $entry->id());
                    $busy["$technician|$minute"] = true;
                }
            }
        }
    }

    /**
     * @param array<mixed> $answers by question: which of the schools that may be chosen
     *
     * @return array<string, string> without those that contradict an earlier one
     */
    private static function schools(array $answers): array
    {
        $schools = Schools::standard();
        foreach (Question::cases() as $index => $question) {
            $open = array_values(array_filter($question->schools(), static fn (School $school): bool => null === $school->refused));
            $answer = $answers[$index] ?? 0;
            try {
                $schools = $schools->with($question, $open[(\is_int($answer) ? $answer : 0) % \count($open)]->code);
            } catch (InvalidPolicy) {
            }
        }

        return $schools->toArray();
    }

    /** @return list<array{string, string, string}> model, serial number, sheet: every published sheet of the demo that applies to a model */
    private static function demoEngines(): array
    {
        $engines = [];
        foreach (Book::readSheets() as $sheet) {
            if ([] !== $sheet->head->models && SheetStatus::Published === $sheet->head->status) {
                $engines[] = [$sheet->head->models[0], 'X-1', $sheet->head->id];
            }
        }

        return $engines;
    }

    public function testTheDocumentFitsItsSchema(): void
    {
        $this->expectNotToPerformAssertions();
        foreach ([Requests::twin(), Requests::single('K85', 'KM2-5120', 'kestrane-k85', ['engine_oil', 'oil_filter']), Requests::single('D12', 'D12-4471', 'dunmarrow-d12', ['oil_filter'])] as $request) {
            (new Schemas(\dirname(__DIR__, 3)))->validate(Json::encode(WorkOrderDocument::of(Requests::build($request))), Schemas::WORK_ORDER);
            (new Schemas(\dirname(__DIR__, 3)))->validate(Json::encode($request), Schemas::ORDER_REQUEST);
        }
    }

    private static function step(WorkOrder $order, string $id): OrderedStep
    {
        foreach (self::steps($order) as $step) {
            if ($id === $step->id->text) {
                return $step;
            }
        }
        self::fail("There is no step $id.");
    }

    /** @return list<OrderedStep> */
    private static function steps(WorkOrder $order): array
    {
        return array_merge(...array_map(static fn (OrderedOperation $operation): array => $operation->steps, $order->operations));
    }

    /** @return list<string> */
    private static function ids(WorkOrder $order): array
    {
        return array_map(static fn (OrderedOperation $operation): string => $operation->id(), $order->operations);
    }

    /** @return list<array{string, string}> */
    private static function blocked(WorkOrder $order): array
    {
        return array_map(static fn (BlockedTask $blocked): array => [$blocked->task->value, $blocked->reason], $order->blocked());
    }

    /** @return list<string> */
    private static function ready(EngineOrder $engine): array
    {
        return array_map(static fn (PickedTask $picked): string => $picked->task->value, $engine->tasks);
    }

    /** @return array<mixed> */
    private static function d65With(string $path, mixed $value): array
    {
        return Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']), ['engines', 0, 'sheet', 'values', $path], $value);
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }

    /** What was issued can be done in the order's own order, by those whom its plan names. */
    private static function assertTheBenchTakesIt(WorkOrder $order): void
    {
        $day = new BenchDay(IssuedOrderReader::read(WorkOrderDocument::of($order)));
        $by = [];
        foreach ($order->timeline->entries as $entry) {
            $by[$entry->timed->work->id->text] = 'technician '.($entry->timed->technicians[0] ?? 1);
        }
        foreach ($day->order->steps as $step) {
            $day->usual($step, $by[$day->order->workOf($step)->work->id->text]);
        }
        self::assertSame([], $day->log->rig()->going());
    }
}
