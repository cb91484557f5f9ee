<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\TakenBack\LogLine;
use FreshTack\Shop\TakenBack\Strike;

/** What is written down of engines. Nothing in it is ever changed or removed; what was taken back does not count. */
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

    /**
     * @return list<LogLine> oldest first, with what was taken back
     *
     * @throws NotFound
     */
    public function lines(int $engineId): array;

    /** @throws NotFound if this engine has no such line */
    public function line(int $engineId, LogKind $kind, int $id): LogLine;

    public function strike(LogKind $kind, int $id, Strike $strike): void;

    public function restore(LogKind $kind, int $id): void;

    /**
     * @return int its number
     *
     * @throws NotFound
     */
    public function addReading(int $engineId, HourReading $reading, string $by): int;

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
