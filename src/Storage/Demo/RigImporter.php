<?php

declare(strict_types=1);

namespace FreshTack\Storage\Demo;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\NewMeter;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Exchange\SeparatorsReader;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\BoatUse;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Shop\Today;

/** Customers, boats, engines with what they hung on, and their history. Days are counted back from today, so that a demo never ages. */
final readonly class RigImporter
{
    private const BY = 'demo';

    public function __construct(private Register $register, private EngineLogs $logs, private ReckonDues $reckon, private Today $today)
    {
    }

    /** @throws ExpectedError if anything in the file is flawed */
    public function import(Cursor $rigs): void
    {
        $owners = $boats = $engines = [];
        foreach ($rigs->at('customers')->list() as $entry) {
            $customer = $this->register->addCustomer(new Customer(0, $entry->at('name')->string(120), $entry->at('email')->optionalString(200), $entry->at('phone')->optionalString(40)));
            $owners[$customer->name] = $customer;
        }
        foreach ($rigs->at('boats')->list() as $entry) {
            $boat = $this->register->addBoat($this->boat($entry, $owners));
            $boats[$boat->name] = $boat->id;
        }
        $rigs->flaws->throwIfAny();
        foreach ($rigs->at('boats')->list() as $entry) {
            foreach ($entry->at('engines')->list(1, 5) as $engine) {
                $id = $this->engine($engine);
                $this->hungBefore($id, $engine, $boats);
                $engines[] = [$id, $boats[$entry->at('name')->string()], $engine];
            }
        }
        foreach ($engines as [$id, $boatId, $engine]) {
            $since = $engine->at($engine->at('hungDaysAgo')->isNull() ? 'inServiceDaysAgo' : 'hungDaysAgo');
            $this->register->hang($id, $boatId, $engine->at('position')->enum(Position::class), $this->daysAgo($since));
        }
        array_map($this->engine(...), $rigs->at('store')->list());
        $rigs->flaws->throwIfAny();
        array_map($this->reckon->ofBoat(...), array_values($boats));
    }

    /**
     * @param array<string, Customer> $owners
     *
     * @throws ExpectedError
     */
    private function boat(Cursor $boat, array $owners): Boat
    {
        $use = $boat->at('use');
        $months = array_map(static fn (Cursor $month): int => $month->int(1, 12), $use->at('months')->list(1, 12));
        $water = $use->at('water')->string();
        $kept = $use->at('kept')->string();
        $owner = $owners[$boat->at('customer')->string(120)] ?? null;
        if (null === $owner || !\in_array($water, ['salt', 'brackish', 'fresh'], true) || !\in_array($kept, ['moored', 'trailered'], true)) {
            $boat->flaw('Its owner stands among the customers, water is salt, brackish or fresh, and a boat is moored or trailered.');
            $boat->flaws->throwIfAny();

            throw new \LogicException('Unreachable: a flaw was just noted.');
        }
        $yes = static fn (string $key): bool => !$use->at($key)->isNull() && $use->at($key)->bool();

        return new Boat(
            0,
            $boat->at('name')->string(80),
            $boat->at('kind')->string(80),
            $boat->at('registration')->string(40),
            $owner,
            new BoatUse(
                $water,
                $kept,
                $use->at('commercial')->bool(),
                [] === $months ? [1] : $months,
                $yes('idling'),
                $yes('silt'),
                $yes('sharedLockout'),
                SeparatorsReader::at($use->at('separators')),
            ),
            [],
            1,
        );
    }

    /** @throws ExpectedError */
    private function engine(Cursor $engine): int
    {
        $warranty = $engine->at('warrantyUntilDaysAhead')->optionalInt(-10_000, 10_000);
        $added = $this->register->addEngine(new Engine(0, null, null, $engine->at('model')->string(20), $engine->at('serial')->string(30), $this->daysAgo($engine->at('inServiceDaysAgo')), $engine->at('hasMeter')->bool(), null, null, null === $warranty ? null : $this->daysAhead($warranty)));
        $this->readings($added->id, $engine->at('readings'));
        foreach ($engine->at('done')->list() as $done) {
            $hours = $done->at('hours')->optionalString();
            $action = $done->at('action')->isNull() ? Action::Renew : $done->at('action')->enum(Action::class);
            $this->logs->addDone($added->id, new TaskDone($done->at('task')->enum(Task::class), $action, $this->daysAgo($done->at('daysAgo')), null === $hours ? null : EngineHours::of($hours), $done->at('evidence')->string(200), !$done->at('elsewhere')->isNull()), self::BY);
        }
        foreach ($engine->at('declined')->isNull() ? [] : $engine->at('declined')->list() as $declined) {
            $this->logs->addDeclined($added->id, new Declined($declined->at('task')->enum(Task::class), $this->daysAgo($declined->at('daysAgo')), $declined->at('note')->string(200)), self::BY);
        }

        return $added->id;
    }

    /** @throws ExpectedError */
    private function readings(int $engineId, Cursor $readings): void
    {
        $offset = 0;
        foreach ($readings->list() as $reading) {
            $meter = $reading->at('newMeter');
            if (!$meter->isNull()) {
                $offset = (new NewMeter(EngineHours::of($meter->at('oldEnd')->string()), EngineHours::of($meter->at('newStart')->string())))->offsetTenths($offset);
            }
            $this->logs->addReading($engineId, new HourReading($this->daysAgo($reading->at('daysAgo')), EngineHours::of($reading->at('hours')->string()), $offset, ReadingSource::Counter), self::BY);
        }
    }

    /**
     * @param array<string, int> $boats by name
     *
     * @throws ExpectedError
     */
    private function hungBefore(int $engineId, Cursor $engine, array $boats): void
    {
        foreach ($engine->at('earlier')->isNull() ? [] : $engine->at('earlier')->list() as $earlier) {
            $this->register->hang($engineId, $boats[$earlier->at('boat')->string()] ?? 0, $earlier->at('position')->enum(Position::class), $this->daysAgo($earlier->at('fromDaysAgo')));
            $this->register->takeOff($engineId, $this->daysAgo($earlier->at('untilDaysAgo')));
        }
    }

    private function daysAhead(int $days): \DateTimeImmutable
    {
        return ($this->today)()->modify(\sprintf('%+d days', $days));
    }

    private function daysAgo(Cursor $days): \DateTimeImmutable
    {
        return ($this->today)()->modify(\sprintf('-%d days', $days->int(0, 20_000)));
    }
}
