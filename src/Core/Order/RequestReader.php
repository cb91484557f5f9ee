<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\WrenchReader;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Parts\ShelfPartReader;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Policy\SchoolsReader;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads a decoded order request (docs/formats/order-request.schema.json) with its sheets and procedures embedded. */
final readonly class RequestReader
{
    public const FORMAT = 'fresh-tack/order-request/1';

    /**
     * @param list<Procedure>|null  $procedures that were read already; null: the document embeds them
     * @param array<int, SpecSheet> $known sheets that were read already from what this document embeds, by the place of their engine
     *
     * @throws InvalidDocument with every flaw and where it stands
     */
    public static function read(mixed $document, array $known = [], ?array $procedures = null): OrderRequest
    {
        $cursor = Cursor::over($document);
        $cursor->knowsOnly(
            'format',
            'order',
            'day',
            'place',
            'air',
            'policy',
            'shelf',
            'catalogue',
            'engines',
            'procedures',
            'technicians',
            'kits',
            'wrenches',
            'allowance',
            'byHand',
            'sharedLockout',
        );
        if (self::FORMAT !== $cursor->at('format')->raw()) {
            $cursor->at('format')->flaw('This must be "'.self::FORMAT.'".');
        }
        $air = self::air($cursor->at('air'));
        $policy = self::policy($cursor->at('policy'));
        $shelf = array_filter(array_map(self::oil(...), $cursor->at('shelf')->list(0, 200)));
        $parts = PartsShelf::of(...array_map(ShelfPartReader::at(...), $cursor->at('catalogue')->list(0, 10_000)));
        $engines = self::engines($cursor->at('engines'), $known);
        self::checkPositions($engines, $cursor->at('engines'));
        $procedures ??= array_map(ProcedureReader::at(...), $cursor->at('procedures')->list(1, 100));
        $head = [$cursor->at('order')->string(20), $cursor->at('day')->day(), $cursor->at('place')->enum(Place::class)];
        $hands = $cursor->at('technicians')->optionalInt(1, 8) ?? 1;
        $kits = $cursor->at('kits')->strings();
        $wrenches = $cursor->at('wrenches')->isNull() ? [] : array_values(array_filter(array_map(WrenchReader::at(...), $cursor->at('wrenches')->list(0, 100))));
        $allowance = $cursor->at('allowance')->isNull() ? null : self::allowance($cursor->at('allowance'));
        $byHand = ByHandReader::at($cursor->at('byHand'));
        $shared = !$cursor->at('sharedLockout')->isNull() && $cursor->at('sharedLockout')->bool();
        $cursor->flaws->throwIfAny();

        if (null === $air || null === $policy || [] === $engines) {
            throw InvalidDocument::at('', 'This request can\'t be read.');
        }
        [$number, $day, $place] = $head;

        return new OrderRequest(
            $number,
            $day,
            $place,
            $air,
            $policy,
            array_values($shelf),
            $parts,
            $engines,
            $procedures,
            $hands,
            $kits,
            $wrenches,
            $allowance,
            $byHand,
            $shared,
        );
    }

    /** Minutes without a reason are a flaw at the reason. */
    public static function allowance(Cursor $allowance): ?Allowance
    {
        $allowance->knowsOnly('minutes', 'reason');
        $minutes = $allowance->at('minutes')->int(0, 1440);
        $reason = $allowance->at('reason')->optionalString(200) ?? '';

        return $allowance->at('reason')->attempt(static fn (): Allowance => Allowance::of(Minutes::of($minutes), $reason));
    }

    public static function air(Cursor $air): ?AirRange
    {
        $coldest = $air->at('coldest')->int(-60, 60);
        $warmest = $air->at('warmest')->int(-60, 60);

        return $air->attempt(static fn (): AirRange => AirRange::of(Temperature::ofCelsius($coldest), Temperature::ofCelsius($warmest)));
    }

    private static function policy(Cursor $policy): ?OrderPolicy
    {
        $reserve = ValueReader::volume($policy->at('reservePerEngine'));
        $roundTo = ValueReader::volume($policy->at('roundTo'));
        $percent = $policy->at('firstPourPercent')->int(1, 100);
        $prefers = $policy->at('prefersGrades')->strings();
        $schools = SchoolsReader::at($policy->at('schools'));
        $change = $policy->at('changeMin')->optionalInt(0, 30) ?? OrderPolicy::CHANGE_MIN;

        return null === $reserve || null === $roundTo ? null : new OrderPolicy($percent, $reserve, $roundTo, $prefers, $schools, $change);
    }

    private static function oil(Cursor $oil): ?ShelfOil
    {
        $size = ValueReader::volume($oil->at('size'));
        $opened = $oil->at('opened')->isNull() ? null : ValueReader::volume($oil->at('opened'));
        $price = $oil->at('priceMinor')->int(0, 100_000_000);
        $stock = $oil->at('inStock')->optionalInt(0, 100_000);
        $id = $oil->at('id')->string(60);
        $names = [$oil->at('product')->string(80), $oil->at('grade')->string(20), $oil->at('performanceClass')->string(40)];

        return null === $size ? null : new ShelfOil($names[0], $names[1], $names[2], new Container($id, $size, $price, $stock, $opened));
    }

    /**
     * @param array<int, SpecSheet> $known
     *
     * @return list<EngineRequest>
     */
    private static function engines(Cursor $engines, array $known): array
    {
        $read = [];
        foreach ($engines->list(1, 5) as $place => $engine) {
            $sheet = $known[$place] ?? self::sheetOfSister($engine, $read, $engines);
            $read[] = self::engine($engine, $sheet);
        }

        return $read;
    }

    /**
     * Engines of one revision share what was read of it.
     *
     * @param list<EngineRequest> $read
     */
    private static function sheetOfSister(Cursor $engine, array $read, Cursor $engines): ?SpecSheet
    {
        foreach ($read as $place => $sister) {
            if (!$engine->at('sheet')->isNull() && $engine->at('sheet')->raw() === $engines->at($place)->at('sheet')->raw()) {
                return $sister->sheet;
            }
        }

        return null;
    }

    private static function engine(Cursor $engine, ?SpecSheet $known): EngineRequest
    {
        $engine->knowsOnly('position', 'model', 'serial', 'hours', 'arrival', 'tasks', 'sheet');
        $hours = $engine->at('hours')->optionalString(12);

        return new EngineRequest(
            $engine->at('position')->enum(Position::class),
            $engine->at('model')->string(20),
            $engine->at('serial')->string(30),
            null === $hours ? null : $engine->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours)),
            $engine->at('arrival')->isNull() ? null : self::arrival($engine->at('arrival')),
            array_map(self::task(...), $engine->at('tasks')->list(0, 40)),
            $known ?? SheetReader::at($engine->at('sheet')),
        );
    }

    public static function arrival(Cursor $arrival): ?Arrival
    {
        $arrival->knowsOnly('reading', 'restMin', 'decision');
        $reading = $arrival->at('reading')->string(10);
        $decision = $arrival->at('decision')->optionalString(500);
        $read = '' === $reading ? null : $arrival->at('reading')->attempt(static fn (): DipstickReading => DipstickReading::of($reading));
        $restMin = $arrival->at('restMin')->int(0, 100_000);
        $rest = $arrival->at('restMin')->attempt(static fn (): Minutes => Minutes::of($restMin));

        return null === $read || null === $rest ? null : new Arrival($read, $rest, $decision);
    }

    private static function task(Cursor $task): PickedTask
    {
        $task->knowsOnly('task', 'reason');

        return new PickedTask($task->at('task')->enum(Task::class), $task->at('reason')->string(400));
    }

    /** @param list<EngineRequest> $engines */
    private static function checkPositions(array $engines, Cursor $at): void
    {
        $positions = array_map(static fn (EngineRequest $engine): string => $engine->position->value, $engines);
        if (\count($positions) !== \count(array_unique($positions))) {
            $at->flaw('Two engines can\'t hang in the same position.');
        }
    }
}
