<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use FreshTack\Core\Schedule\DueTimes;
use FreshTack\Core\SpecBook\RefusalReason;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Due\DueIndex;
use FreshTack\Shop\Due\DueKind;
use FreshTack\Shop\Due\DueLine;
use FreshTack\Shop\Due\EngineDays;

/**
 * In plain SQL, since it is written in bulk. The counts by day are kept beside the days themselves, in the same
 * transaction and always in the order of their keys, so that two who write do not wait for each other in a circle.
 */
final readonly class DoctrineDueIndex implements DueIndex
{
    private const LINE_COLUMNS = ['engine_id', 'task', 'soon_on', 'due_on', 'overdue_on', 'expected_on', 'unrecorded', 'listed_elsewhere', 'by_use', 'due_tenths', 'sequence', 'changed_at'];
    private const ENGINE_COLUMNS = ['engine_id', 'due_on', 'expected_on', 'no_record_on', 'refused', 'meter_tenths', 'computed_at'];

    public function __construct(private Connection $connection)
    {
    }

    public function lock(array $engineIds): void
    {
        // an update and no mere lock: on several nodes only what is written collides
        $this->connection->executeStatement(
            'UPDATE engine SET turn = turn + 1 WHERE id IN (?) ORDER BY id',
            [[0, ...$engineIds]],
            [ArrayParameterType::INTEGER],
        );
    }

    public function put(array $days, \DateTimeImmutable $at): void
    {
        if ([] === $days) {
            return;
        }
        usort($days, static fn (EngineDays $a, EngineDays $b): int => $a->engineId <=> $b->engineId);
        $ids = array_map(static fn (EngineDays $each): int => $each->engineId, $days);
        $known = [];
        foreach ($this->of($ids) as $each) {
            $known[$each->engineId] = $each;
        }
        $this->write('engine_due', self::ENGINE_COLUMNS, array_map(fn (EngineDays $each): array => $this->engineRow($each, $at), $days));
        $lines = array_merge(...array_map(static fn (EngineDays $each): array => self::lineRows($each, $known[$each->engineId] ?? null, $at), $days));
        $this->connection->executeStatement('DELETE FROM due_line WHERE engine_id IN (?)', [$ids], [ArrayParameterType::INTEGER]);
        $this->write('due_line', self::LINE_COLUMNS, $lines);
        $this->connection->executeStatement('DELETE FROM due_stale WHERE engine_id IN (?)', [$ids], [ArrayParameterType::INTEGER]);
        $this->recount(array_values($known), $days);
    }

    public function forget(array $engineIds): void
    {
        $known = $this->of($engineIds);
        foreach (['due_line', 'engine_due', 'due_stale'] as $table) {
            $this->connection->executeStatement("DELETE FROM $table WHERE engine_id IN (?)", [$engineIds], [ArrayParameterType::INTEGER]);
        }
        $this->recount($known, []);
    }

    public function markStale(?array $models): void
    {
        if (null === $models) {
            $this->connection->executeStatement('INSERT IGNORE INTO due_stale (engine_id) SELECT id FROM engine WHERE boat_id IS NOT NULL');
        } else {
            $this->connection->executeStatement('INSERT IGNORE INTO due_stale (engine_id) SELECT id FROM engine WHERE boat_id IS NOT NULL AND model IN (?)', [$models], [ArrayParameterType::STRING]);
        }
    }

    public function stale(): int
    {
        return self::number($this->connection->fetchOne('SELECT COUNT(*) FROM due_stale'));
    }

    public function nextStale(int $most): array
    {
        return array_map(self::number(...), $this->connection->fetchFirstColumn('SELECT engine_id FROM due_stale ORDER BY engine_id LIMIT '.$most));
    }

    public function counts(array ...$asked): array
    {
        $parts = $values = [];
        foreach (array_values($asked) as $place => [$kind, $from, $to]) {
            $parts[] = "SELECT $place AS place, COALESCE(SUM(engines), 0) AS engines FROM due_day WHERE kind = ? AND day BETWEEN ? AND ?";
            array_push($values, $kind->value, self::day($from) ?? '1000-01-01', self::day($to));
        }
        $counts = [];
        foreach ($this->connection->fetchAllAssociative(implode(' UNION ALL ', $parts), $values) as $row) {
            $counts[Column::int($row, 'place')] = Column::int($row, 'engines');
        }
        ksort($counts);

        return array_values($counts);
    }

    public function between(DueKind $kind, ?\DateTimeImmutable $from, \DateTimeImmutable $to, int $skip, int $most): array
    {
        $column = $kind->value.'_on';
        $rows = $this->connection->fetchAllAssociative("SELECT * FROM engine_due WHERE $column >= ? AND $column <= ? ORDER BY $column, engine_id LIMIT $most OFFSET $skip", [self::day($from) ?? '1000-01-01', self::day($to)]);

        return $this->withLines($rows);
    }

    public function of(array $engineIds): array
    {
        return [] === $engineIds ? [] : $this->withLines($this->connection->fetchAllAssociative('SELECT * FROM engine_due WHERE engine_id IN (?) ORDER BY engine_id', [$engineIds], [ArrayParameterType::INTEGER]));
    }

    /**
     * @param list<array<string, mixed>> $rows of engine_due
     *
     * @return list<EngineDays>
     */
    private function withLines(array $rows): array
    {
        $ids = array_map(static fn (array $row): int => Column::int($row, 'engine_id'), $rows);
        $lines = [];
        foreach ([] === $ids ? [] : $this->connection->fetchAllAssociative('SELECT * FROM due_line WHERE engine_id IN (?)', [$ids], [ArrayParameterType::INTEGER]) as $row) {
            $lines[Column::int($row, 'engine_id')][] = $this->line($row);
        }

        return array_map(fn (array $row): EngineDays => new EngineDays(
            Column::int($row, 'engine_id'),
            null === $row['refused'] ? null : RefusalReason::from(Column::text($row, 'refused')),
            null === $row['meter_tenths'] ? null : Column::int($row, 'meter_tenths'),
            $this->ordered($lines[Column::int($row, 'engine_id')] ?? []),
        ), $rows);
    }

    /**
     * @param list<DueLine> $lines
     *
     * @return list<DueLine> in the trade's order
     */
    private function ordered(array $lines): array
    {
        $places = array_flip(array_column(Task::cases(), 'value'));
        usort($lines, static fn (DueLine $a, DueLine $b): int => $places[$a->task->value] <=> $places[$b->task->value]);

        return $lines;
    }

    /** @param array<string, mixed> $row */
    private function line(array $row): DueLine
    {
        return new DueLine(
            Task::from(Column::text($row, 'task')),
            new DueTimes(self::date($row, 'soon_on'), self::date($row, 'due_on'), self::date($row, 'overdue_on'), 1 === Column::int($row, 'unrecorded')),
            self::date($row, 'expected_on'),
            1 === Column::int($row, 'by_use'),
            1 === Column::int($row, 'listed_elsewhere'),
            null === $row['due_tenths'] ? null : Column::int($row, 'due_tenths'),
            Column::int($row, 'sequence'),
            self::date($row, 'changed_at'),
        );
    }

    /** @return list<mixed> */
    private function engineRow(EngineDays $days, \DateTimeImmutable $at): array
    {
        return [$days->engineId, self::day($days->dueOn()), self::day($days->expectedOn()), self::day($days->noRecordOn()), $days->refused?->value, $days->meterTenths, $at->format('Y-m-d H:i:s')];
    }

    /** @return list<list<mixed>> a line that says what it said keeps its sequence */
    private static function lineRows(EngineDays $days, ?EngineDays $known, \DateTimeImmutable $at): array
    {
        $before = [];
        foreach ($known->lines ?? [] as $line) {
            $before[$line->task->value] = $line;
        }

        return array_map(static function (DueLine $line) use ($days, $before, $at): array {
            $old = $before[$line->task->value] ?? null;
            $same = null !== $old && $old->saysTheSameAs($line);

            return [
                $days->engineId,
                $line->task->value,
                self::day($line->times->soonOn),
                self::day($line->times->dueOn),
                self::day($line->times->overdueOn),
                self::day($line->expectedOn),
                (int) $line->times->unrecorded,
                (int) $line->listedElsewhere,
                (int) $line->byUse,
                $line->dueTenths,
                ($old->sequence ?? -1) + ($same ? 0 : 1),
                ($same ? $old->changedAt ?? $at : $at)->format('Y-m-d H:i:s'),
            ];
        }, $days->lines);
    }

    /**
     * @param list<EngineDays> $before
     * @param list<EngineDays> $after
     */
    private function recount(array $before, array $after): void
    {
        $changes = [];
        foreach ([[$before, -1], [$after, 1]] as [$all, $by]) {
            foreach ($all as $days) {
                foreach ([[DueKind::Due, $days->dueOn()], [DueKind::Expected, $days->expectedOn()], [DueKind::NoRecord, $days->noRecordOn()]] as [$kind, $day]) {
                    if (null !== $day) {
                        $key = $kind->value.' '.$day->format('Y-m-d');
                        $changes[$key] = ($changes[$key] ?? 0) + $by;
                    }
                }
            }
        }
        ksort($changes);
        foreach (array_filter($changes, static fn (int $by): bool => 0 !== $by) as $key => $by) {
            $this->connection->executeStatement('INSERT INTO due_day (kind, day, engines) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE engines = engines + VALUES(engines)', [...explode(' ', $key), $by]);
        }
    }

    /**
     * @param list<string>      $columns the first is the key, or a part of it
     * @param list<list<mixed>> $rows
     */
    private function write(string $table, array $columns, array $rows): void
    {
        $updates = implode(', ', array_map(static fn (string $column): string => "$column = VALUES($column)", \array_slice($columns, 1)));
        foreach (array_chunk($rows, 500) as $chunk) {
            $places = implode(', ', array_fill(0, \count($chunk), '('.implode(', ', array_fill(0, \count($columns), '?')).')'));
            $this->connection->executeStatement("INSERT INTO $table (".implode(', ', $columns).") VALUES $places ON DUPLICATE KEY UPDATE $updates", array_merge(...$chunk));
        }
    }

    /** @param array<string, mixed> $row */
    private static function date(array $row, string $name): ?\DateTimeImmutable
    {
        return null === $row[$name] ? null : new \DateTimeImmutable(Column::text($row, $name), new \DateTimeZone('UTC'));
    }

    private static function day(?\DateTimeImmutable $day): ?string
    {
        return $day?->format('Y-m-d');
    }

    private static function number(mixed $cell): int
    {
        return is_numeric($cell) ? (int) $cell : 0;
    }
}
