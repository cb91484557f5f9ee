<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\NotFound;

/** What is written down of engines. Nothing in it is ever changed or removed. */
interface EngineLogs
{
    /** @throws NotFound */
    public function of(int $engineId): EngineHistory;

    /**
     * @param list<int> $engineIds
     *
     * @return array<int, EngineHistory>
     */
    public function all(array $engineIds): array;

    /** @throws NotFound */
    public function addReading(int $engineId, HourReading $reading, string $by): void;

    /** @throws NotFound */
    public function addDone(int $engineId, TaskDone $done, string $by): void;

    /** @throws NotFound */
    public function addDeclined(int $engineId, Declined $declined, string $by): void;

    /** @throws NotFound */
    public function addReport(int $engineId, ReaderReport $report): void;

    /**
     * @return list<ReaderReport> newest first
     *
     * @throws NotFound
     */
    public function reports(int $engineId): array;
}
