<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\SpecBook\Plate;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Boats, their engines, and what is written down of them. */
interface Register
{
    /** @throws NotFound */
    public function boat(int $id): Boat;

    /** @throws NotFound */
    public function engine(int $id): Engine;

    /** @return list<Boat> by name */
    public function boats(): array;

    /** @return list<Boat> whose name, registration, customer or engine serial begins a word with the text */
    public function search(string $text): array;

    /** @throws NotFound */
    public function history(int $engineId): EngineHistory;

    /**
     * @param list<int> $engineIds
     *
     * @return array<int, EngineHistory>
     */
    public function histories(array $engineIds): array;

    /** @throws NotFound|Conflict if the serial number is on another engine */
    public function identify(int $engineId, Plate $plate, bool $hasMeter): void;

    /** @throws NotFound */
    public function addReading(int $engineId, HourReading $reading): void;

    /** @throws NotFound */
    public function addDone(int $engineId, TaskDone $done): void;

    public function addBoat(Boat $boat): Boat;
}
