<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\WrenchReader;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Labour\AllowanceReader;
use FreshTack\Core\Order\Arrival;
use FreshTack\Core\Order\ByHandReader;
use FreshTack\Core\Order\EngineRequest;
use FreshTack\Core\Order\OrderPolicyReader;
use FreshTack\Core\Order\OrderRequest;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Order\Supplies;
use FreshTack\Core\Order\Visit;
use FreshTack\Core\Order\Wishes;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Parts\ShelfPartReader;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\BoatSeparators;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads a decoded order request (docs/formats/order-request.schema.json) with its sheets and procedures embedded. */
final readonly class OrderRequestReader
{
    /** @throws InvalidDocument with every flaw and where it stands */
    public static function read(mixed $document): OrderRequest
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
            'separators',
        );
        if (OrderRequestDocument::FORMAT !== $cursor->at('format')->raw()) {
            $cursor->at('format')->flaw('This must be "'.OrderRequestDocument::FORMAT.'".');
        }
        $visit = self::visit($cursor);
        $policy = OrderPolicyReader::at($cursor->at('policy'));
        $supplies = self::supplies($cursor);
        $engines = self::engines($cursor->at('engines'), $visit->separators ?? new BoatSeparators());
        $procedures = array_map(ProcedureReader::at(...), $cursor->at('procedures')->list(1, 100));
        $wishes = new Wishes(
            $cursor->at('technicians')->optionalInt(1, 8) ?? 1,
            $cursor->at('kits')->strings(),
            AllowanceReader::at($cursor->at('allowance')),
            ByHandReader::at($cursor->at('byHand')),
        );
        $cursor->flaws->throwIfAny();

        if (null === $visit || null === $policy || [] === $engines) {
            throw InvalidDocument::at('', 'This request can\'t be read.');
        }

        return new OrderRequest($visit, $policy, $supplies, $engines, $procedures, $wishes);
    }

    private static function visit(Cursor $request): ?Visit
    {
        $air = self::air($request->at('air'));
        $order = $request->at('order')->string(20);
        $day = $request->at('day')->day();
        $place = $request->at('place')->enum(Place::class);
        $shared = !$request->at('sharedLockout')->isNull() && $request->at('sharedLockout')->bool();

        $separators = SeparatorsReader::at($request->at('separators'));

        return null === $air ? null : new Visit($order, $day, $place, $air, $shared, $separators);
    }

    private static function supplies(Cursor $request): Supplies
    {
        $oils = array_map(self::oil(...), $request->at('shelf')->list(0, 200));
        $parts = PartsShelf::of(...array_map(ShelfPartReader::at(...), $request->at('catalogue')->list(0, 10_000)));
        $wrenches = $request->at('wrenches')->isNull() ? [] : array_map(WrenchReader::at(...), $request->at('wrenches')->list(0, 100));

        return new Supplies(array_values(array_filter($oils)), $parts, array_values(array_filter($wrenches)));
    }

    private static function air(Cursor $air): ?AirRange
    {
        $coldest = $air->at('coldest')->int(-60, 60);
        $warmest = $air->at('warmest')->int(-60, 60);

        return $air->attempt(static fn (): AirRange => AirRange::of(Temperature::ofCelsius($coldest), Temperature::ofCelsius($warmest)));
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

    /** @return list<EngineRequest> */
    private static function engines(Cursor $engines, BoatSeparators $separators): array
    {
        $read = [];
        foreach ($engines->list(1, 5) as $engine) {
            $read[] = self::engine($engine, self::sheetOfSister($engine, $read, $engines), $separators);
        }
        $positions = array_map(static fn (EngineRequest $engine): string => $engine->position->value, $read);
        if (\count($positions) !== \count(array_unique($positions))) {
            $engines->flaw('Two engines can\'t hang in the same position.');
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
                return $sister->sheet->origin();
            }
        }

        return null;
    }

    private static function engine(Cursor $engine, ?SpecSheet $known, BoatSeparators $separators): EngineRequest
    {
        $engine->knowsOnly('position', 'model', 'serial', 'hours', 'arrival', 'tasks', 'sheet', 'separator');
        $hours = $engine->at('hours')->optionalString(12);
        $sheet = $known ?? SheetReader::at($engine->at('sheet'));
        $isCountedHere = !$engine->at('separator')->isNull() && $engine->at('separator')->bool();

        return new EngineRequest(
            $engine->at('position')->enum(Position::class),
            $engine->at('model')->string(20),
            $engine->at('serial')->string(30),
            null === $hours ? null : $engine->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours)),
            $engine->at('arrival')->isNull() ? null : self::arrival($engine->at('arrival')),
            array_map(self::task(...), $engine->at('tasks')->list(0, 40)),
            $isCountedHere ? $separators->beside($sheet) : $sheet,
        );
    }

    private static function arrival(Cursor $arrival): ?Arrival
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
        $task->knowsOnly('task', 'reason', 'renew');

        return new PickedTask(
            $task->at('task')->enum(Task::class),
            $task->at('reason')->string(400),
            !$task->at('renew')->isNull() && $task->at('renew')->bool(),
        );
    }
}
