<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\Measure;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** Where an order of the demo's early K165 asks for what, read back as it was frozen. */
final class MeasurePlacesTest extends TestCase
{
    /** Four plugs, gap 1.0 to 1.1 mm. */
    public function testEachPlugIsAskedFor(): void
    {
        $order = self::order('spark_plugs');

        self::assertSame(['plug 1', 'plug 2', 'plug 3', 'plug 4'], self::labels(self::asked($order, Measure::PlugLook)));
        $gap = self::asked($order, Measure::PlugGap)->places[3]->range ?? null;
        self::assertSame('1.0 – 1.1 mm', $gap?->text());
    }

    /** One at the trim tab, two across the bracket, renewed at 50 % left; new ones lie ready. */
    public function testEachAnodeIsAskedFor(): void
    {
        $places = self::asked(self::order('external_anodes'), Measure::AnodeLeft)->places;

        self::assertSame([
            ['trim tab', 50, 'QV-61060'],
            ['bracket, across, 1 of 2', 50, 'QV-61061'],
            ['bracket, across, 2 of 2', 50, 'QV-61061'],
        ], array_map(
            static fn (AskedPlace $place): array => [$place->label, $place->renewAt, $place->part],
            $places,
        ));
    }

    /** 0.92 l, a tenth more or less. */
    public function testGearLubricantIsHeldAgainstWhatTheGearcaseTakes(): void
    {
        $range = self::asked(self::order('gear_lubricant'), Measure::GearPoured)->places[0]->range;

        self::assertSame(['0.828', '1.012', 'l'], [(string) $range?->min, (string) $range?->max, $range?->unit]);
    }

    /** The points of the sheet that belong to an engine with remote steering and power tilt. */
    public function testEachPointHasItsOwnAnswers(): void
    {
        $asked = self::asked(self::order('inspection'), Measure::InspectionPoint);
        $lanyard = array_values(array_filter($asked->places, static fn (AskedPlace $place): bool => 'stop lanyard' === $place->label))[0];

        self::assertSame(
            [['stops the engine', 'go_on'], ['does not stop it', 'finding']],
            array_map(static fn ($answer): array => [$answer->code, $answer->verdict->value], $lanyard->answers ?? []),
        );
        self::assertCount(6, $asked->places);
    }

    /** The sea trial is one, and there are two engines: each has its own revolutions, and its own level by its own sheet. */
    public function testTheRigIsAskedEngineByEngine(): void
    {
        $order = IssuedOrderReader::read(Requests::document([
            ...Requests::rig([
                Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil', 'fuel_filter']),
                Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', ['engine_oil', 'fuel_filter']),
            ]),
        ]));

        self::assertSame(['Port', 'Starboard'], self::labels(self::asked($order, Measure::FullThrottle)));
        $level = self::asked($order, Measure::LevelAfterTrial);
        self::assertSame(['port.1', 'starboard.1'], array_map(static fn (AskedPlace $place): string => $place->key, $level->places));
        self::assertSame('span', $level->places[1]->range?->unit);
    }

    /** An order of before has no places, and its step takes a tick. */
    public function testAnOrderOfBeforeTakesATick(): void
    {
        $document = self::without(
            ['form', 'several', 'places', 'answers'],
            Requests::document(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', ['spark_plugs'])),
        );
        $asked = array_filter(IssuedOrderReader::read($document)->steps, static fn ($step): bool => null !== $step->measure);

        self::assertSame([], $asked);
    }

    private static function order(string $task): IssuedOrder
    {
        return IssuedOrderReader::read(Requests::document(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', [$task])));
    }

    private static function asked(IssuedOrder $order, Measure $measure): AskedMeasure
    {
        foreach ($order->steps as $step) {
            if ($measure === $step->measure?->measure) {
                return $step->measure;
            }
        }
        self::fail('It is not asked for.');
    }

    /** @return list<string> */
    private static function labels(AskedMeasure $asked): array
    {
        return array_map(static fn (AskedPlace $place): string => $place->label, $asked->places);
    }

    /** @param list<string> $keys */
    private static function without(array $keys, mixed $value): mixed
    {
        return \is_array($value)
            ? array_map(static fn (mixed $each): mixed => self::without($keys, $each), array_diff_key($value, array_flip($keys)))
            : $value;
    }
}
