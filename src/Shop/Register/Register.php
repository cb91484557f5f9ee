<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Customers, boats and engines. What is changed is found by the search at once. */
interface Register
{
    /** @throws NotFound */
    public function boat(int $id): Boat;

    /**
     * Nobody else decides what these boats carry or have done until the unit of work ends.
     *
     * @param int|null ...$ids null is left out
     */
    public function lock(?int ...$ids): void;

    /**
     * @param list<int> $ids
     *
     * @return list<Boat> in the order of the ids, without those that are not there
     */
    public function boats(array $ids): array;

    /**
     * @param list<int> $engineIds
     *
     * @return array<int, Boat> by engine, without those that hang on none
     */
    public function boatsWith(array $engineIds): array;

    /** @throws NotFound */
    public function engine(int $id): Engine;

    /** @throws NotFound */
    public function customer(int $id): Customer;

    /** @return list<Boat> by name, those of one name by number, from the one after these on */
    public function boatsAfter(string $name, int $id, int $most): array;

    /** @return list<Boat> in the order of their ids, from the one after `$after` on */
    public function boatsFrom(int $after, int $most): array;

    /** @return list<Boat> by name */
    public function boatsOf(int $customerId): array;

    /** @return list<Engine> that hang on no boat, by serial number */
    public function inStore(): array;

    /** @return list<Customer> whose name begins with the text, by name */
    public function customersLike(string $text): array;

    public function engineWith(string $serial): ?Engine;

    /**
     * @return list<Fitting> oldest first
     *
     * @throws NotFound
     */
    public function fittings(int $engineId): array;

    public function addCustomer(Customer $customer): Customer;

    /** @throws NotFound|Conflict if its version is not the current one */
    public function changeCustomer(Customer $customer): Customer;

    /**
     * Adds the boat without its engines.
     *
     * @throws NotFound if its owner is unknown
     */
    public function addBoat(Boat $boat): Boat;

    /** @throws NotFound|Conflict if its version is not the current one */
    public function changeBoat(Boat $boat): Boat;

    /** @throws Conflict if the serial number is on another engine */
    public function addEngine(Engine $engine): Engine;

    /** @throws NotFound|Conflict if its version is not the current one, or the serial number is on another engine */
    public function changeEngine(Engine $engine): Engine;

    /** @throws NotFound|Conflict if the serial number is on another engine */
    public function identify(int $engineId, Plate $plate, bool $hasMeter): Engine;

    /**
     * Takes the engine off whatever boat it hangs on.
     *
     * @throws NotFound
     */
    public function takeOff(int $engineId, \DateTimeImmutable $on): void;

    /**
     * Hangs an engine from the store in a free place.
     *
     * @throws NotFound
     */
    public function hang(int $engineId, int $boatId, Position $position, \DateTimeImmutable $on): void;

    /** Whether any engine has ever hung on it. */
    public function hasCarried(int $boatId): bool;

    public function isInOrders(int $engineId): bool;

    /** @throws NotFound */
    public function removeBoat(int $id): void;

    /** @throws NotFound */
    public function removeEngine(int $id): void;

    /** @throws NotFound */
    public function removeCustomer(int $id): void;
}
