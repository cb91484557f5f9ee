<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Labour\AllowanceReader;
use FreshTack\Core\Order\ByHandReader;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\SpecBook\Task;

/** Reads a draft as the client sends it and as it is stored. */
final readonly class DraftReader
{
    private const MOST_TECHNICIANS = 4;

    /** Flaws are noted at their fields; the caller throws for them. */
    public static function at(Cursor $draft): Draft
    {
        $draft->knowsOnly('place', 'coldestC', 'warmestC', 'complaint', 'technicians', 'kits', 'allowance', 'partsOn', 'byHand', 'engines');

        return self::entered($draft);
    }

    /** As it replaces another one: all of it has to be there. */
    public static function whole(Cursor $draft): Draft
    {
        $read = self::at($draft);
        $draft->needs('complaint', 'technicians', 'kits', 'allowance', 'partsOn', 'byHand');
        foreach ($draft->at('engines')->list() as $engine) {
            $engine->needs('hours', 'reading', 'decision', 'year', 'gearcase', 'renew');
        }

        return $read;
    }

    /** As it is stored, with the holes that were filled in. */
    public static function stored(Cursor $draft): Draft
    {
        $fills = $draft->at('fills')->isNull() ? [] : $draft->at('fills')->list(0, 200);

        return self::entered($draft)->withFills(array_map(Fill::at(...), $fills));
    }

    private static function entered(Cursor $draft): Draft
    {
        $coldest = $draft->at('coldestC')->int(-60, 60);
        $warmest = $draft->at('warmestC')->int(-60, 60);
        if ($coldest > $warmest) {
            $draft->at('warmestC')->flaw('The warmest air can\'t be colder than the coldest.');
        }

        return new Draft(
            $draft->at('place')->enum(Place::class),
            $coldest,
            $warmest,
            $draft->at('complaint')->optionalString(1000) ?? '',
            array_map(self::engine(...), $draft->at('engines')->list(1, 5)),
            $draft->at('technicians')->isNull() ? 1 : self::technicians($draft->at('technicians')),
            $draft->at('kits')->strings(),
            AllowanceReader::at($draft->at('allowance')),
            $draft->at('partsOn')->isNull() ? null : $draft->at('partsOn')->day(),
            byHand: ByHandReader::at($draft->at('byHand')),
        );
    }

    private static function technicians(Cursor $count): int
    {
        if (\is_int($count->raw()) && $count->raw() < 1) {
            $count->flaw('Somebody has to do the work: at least one technician.');

            return 1;
        }

        return $count->int(1, self::MOST_TECHNICIANS);
    }

    private static function engine(Cursor $engine): DraftEngine
    {
        $engine->knowsOnly('engineId', 'model', 'serial', 'hours', 'reading', 'restMin', 'decision', 'tasks', 'year', 'gearcase', 'renew');
        $hours = $engine->at('hours')->optionalString(12);
        $reading = $engine->at('reading')->optionalString(10);
        if ('' === $engine->at('hours')->raw()) {
            $engine->at('hours')->flaw('Enter the hours from the meter, or choose "no meter".');
        }
        if (null !== $hours) {
            $engine->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours));
        }
        if (null !== $reading) {
            $engine->at('reading')->attempt(static fn (): DipstickReading => DipstickReading::of($reading));
        }

        $tasks = array_map(static fn (Cursor $task): Task => $task->enum(Task::class), $engine->at('tasks')->list(0, 40));

        return new DraftEngine(
            $engine->at('engineId')->int(1, \PHP_INT_MAX),
            $engine->at('model')->string(Width::MODEL),
            $engine->at('serial')->string(Width::SERIAL),
            $hours,
            $reading,
            $engine->at('restMin')->int(0, 100_000),
            $engine->at('decision')->optionalString(500),
            $tasks,
            $engine->at('year')->optionalInt(1960, 2100),
            $engine->at('gearcase')->optionalString(Width::GEARCASE),
            self::renewals($engine->at('renew'), $tasks),
        );
    }

    /**
     * @param list<Task> $tasks picked
     *
     * @return list<Task>
     */
    private static function renewals(Cursor $renew, array $tasks): array
    {
        $wished = [];
        foreach ($renew->isNull() ? [] : $renew->list(0, 40) as $entry) {
            $task = $entry->enum(Task::class);
            if (!\in_array($task, $tasks, true)) {
                $entry->flaw('Pick this task first; then say that it is renewed.');
            } elseif (!$task->renewsOnWish()) {
                $entry->flaw('This task is done as its sheet schedules it; there is nothing else to renew.');
            }
            $wished[] = $task;
        }

        return $wished;
    }
}
