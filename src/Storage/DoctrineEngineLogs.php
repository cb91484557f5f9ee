<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Due\Declined;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Exchange\Json;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\TakenBack\LogLine;
use FreshTack\Shop\TakenBack\Strike;
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\Chains;
use FreshTack\Storage\Chain\Links;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\HourReadingRecord;
use FreshTack\Storage\Entity\ReaderReportRecord;
use FreshTack\Storage\Entity\TakenBackRecord;
use FreshTack\Storage\Entity\TaskDeclinedRecord;

final readonly class DoctrineEngineLogs implements EngineLogs
{
    public function __construct(private EntityManagerInterface $entities, private Chains $chains)
    {
    }

    public function of(int $engineId): EngineHistory
    {
        $this->engine($engineId);

        return $this->all([$engineId])[$engineId];
    }

    public function all(array $engineIds): array
    {
        $readings = $done = $declined = array_fill_keys($engineIds, []);
        foreach ($this->rows(LogKind::Reading, $engineIds, false) as $row) {
            $readings[Column::int($row, 'engine_id')][] = self::reading($row);
        }
        foreach ($this->rows(LogKind::Done, $engineIds, false) as $row) {
            $done[Column::int($row, 'engine_id')][] = self::done($row);
        }
        foreach ($this->rows(LogKind::Declined, $engineIds, false) as $row) {
            $declined[Column::int($row, 'engine_id')][] = self::declined($row);
        }
        $histories = [];
        foreach ($engineIds as $id) {
            $histories[$id] = new EngineHistory(new HourLog($readings[$id]), $done[$id], $declined[$id]);
        }

        return $histories;
    }

    public function lines(int $engineId): array
    {
        $this->engine($engineId);
        $lines = [];
        foreach (LogKind::cases() as $kind) {
            foreach ($this->rows($kind, [$engineId], true) as $row) {
                $lines[] = self::lineOf($kind, $row);
            }
        }

        return $lines;
    }

    public function line(int $engineId, LogKind $kind, int $id): LogLine
    {
        foreach ($this->lines($engineId) as $line) {
            if ($line->kind() === $kind && $line->id === $id) {
                return $line;
            }
        }

        throw NotFound::named('line', $kind->value.' '.$id);
    }

    public function strike(LogKind $kind, int $id, Strike $strike): void
    {
        $this->entities->persist(new TakenBackRecord($kind->value, $id, $strike->by, $strike->at, $strike->why));
        $this->entities->flush();
    }

    public function restore(LogKind $kind, int $id): void
    {
        $record = $this->entities->find(TakenBackRecord::class, ['kind' => $kind->value, 'ref' => $id]);
        if (null !== $record) {
            $this->entities->remove($record);
            $this->entities->flush();
        }
    }

    /**
     * Plain rows: a history is read for every preview, and nothing of it is ever changed.
     *
     * @param list<int> $engineIds
     * @param bool      $struck    whether with what was taken back
     *
     * @return list<array<string, mixed>> by day
     */
    private function rows(LogKind $kind, array $engineIds, bool $struck): array
    {
        [$table, $day, $columns] = match ($kind) {
            LogKind::Reading => ['hour_reading', 'read_on', 'l.tenths, l.offset_tenths, l.source'],
            LogKind::Done => ['task_done', 'done_on', 'l.task, l.action, l.tenths, l.evidence, l.elsewhere'],
            LogKind::Declined => ['task_declined', 'declined_on', 'l.task, l.note'],
        };

        // the meter only goes up: of one day the smaller figure was read first, whenever it was written down
        $within = LogKind::Reading === $kind ? 'l.tenths + l.offset_tenths,' : '';

        return [] === $engineIds ? [] : $this->entities->getConnection()->fetchAllAssociative(
            "SELECT l.engine_id, l.id, l.$day AS day, l.entered_by, $columns, t.account, t.taken_back_at, t.why
             FROM $table l LEFT JOIN taken_back t ON t.kind = ? AND t.ref = l.id
             WHERE l.engine_id IN (?)".($struck ? '' : ' AND t.ref IS NULL')." ORDER BY l.$day, $within l.id",
            [$kind->value, $engineIds],
            [ParameterType::STRING, ArrayParameterType::INTEGER],
        );
    }

    /** @param array<string, mixed> $row */
    private static function lineOf(LogKind $kind, array $row): LogLine
    {
        $content = match ($kind) {
            LogKind::Reading => self::reading($row),
            LogKind::Done => self::done($row),
            LogKind::Declined => self::declined($row),
        };
        $strike = null === $row['account'] ? null : new Strike(
            Column::text($row, 'account'),
            Column::moment($row, 'taken_back_at'),
            Column::text($row, 'why'),
        );

        return new LogLine(Column::int($row, 'id'), $content, Column::text($row, 'entered_by'), $strike);
    }

    /** @param array<string, mixed> $row */
    private static function reading(array $row): HourReading
    {
        return new HourReading(
            Column::day($row, 'day'),
            self::hours(Column::int($row, 'tenths'), 'hour_reading', Column::int($row, 'id')),
            Column::int($row, 'offset_tenths'),
            ReadingSource::from(Column::text($row, 'source')),
        );
    }

    /** @param array<string, mixed> $row */
    private static function done(array $row): TaskDone
    {
        return new TaskDone(
            Task::from(Column::text($row, 'task')),
            Action::from(Column::text($row, 'action')),
            Column::day($row, 'day'),
            null === $row['tenths'] ? null : self::hours(Column::int($row, 'tenths'), 'task_done', Column::int($row, 'id')),
            Column::text($row, 'evidence'),
            1 === Column::int($row, 'elsewhere'),
        );
    }

    /** @param array<string, mixed> $row */
    private static function declined(array $row): Declined
    {
        return new Declined(Task::from(Column::text($row, 'task')), Column::day($row, 'day'), Column::text($row, 'note'));
    }

    public function addReading(int $engineId, HourReading $reading, string $by): int
    {
        $record = new HourReadingRecord(
            $this->engine($engineId),
            $reading->on,
            $reading->meter->tenths,
            $reading->offsetTenths,
            $reading->source->value,
            $by,
        );
        $this->entities->persist($record);
        $this->entities->flush();

        return (int) $record->id;
    }

    public function addDone(int $engineId, TaskDone $done, string $by): void
    {
        $this->engine($engineId);
        $this->chains->insert('task_done', ChainName::ofEngine($engineId), Links::DONE, [
            'engine_id' => $engineId,
            'task' => $done->task->value,
            'action' => $done->action->value,
            'done_on' => $done->on->format('Y-m-d'),
            'tenths' => $done->hours?->tenths,
            'evidence' => $done->evidence,
            'elsewhere' => $done->elsewhere ? 1 : 0,
            'entered_by' => $by,
        ]);
    }

    public function addDeclined(int $engineId, Declined $declined, string $by): void
    {
        $this->entities->persist(new TaskDeclinedRecord($this->engine($engineId), $declined->task->value, $declined->on, $declined->note, $by));
        $this->entities->flush();
    }

    public function addReport(int $engineId, ReaderReport $report): void
    {
        $this->entities->persist(new ReaderReportRecord($this->engine($engineId), $report->on, $report->hours->tenths, Json::encode(['bands' => $report->bands, 'faults' => $report->faults])));
        $this->entities->flush();
    }

    public function reports(int $engineId): array
    {
        $engine = $this->engine($engineId);

        return array_map(
            static function (ReaderReportRecord $record) use ($engine): ReaderReport {
                /** @var array{bands: list<array{from: int, to: int, percent: int}>, faults: list<array{code: string, text: string, count: int}>} $told */
                $told = StoredJson::map($record->document, 'reader_report', (string) $record->id);

                return new ReaderReport($engine->serial, $record->readOn, self::hours($record->tenths, 'reader_report', $record->id), $told['bands'], $told['faults']);
            },
            $this->entities->getRepository(ReaderReportRecord::class)->findBy(['engine' => $engine], ['readOn' => 'DESC', 'id' => 'DESC']),
        );
    }

    /** @throws NotFound */
    private function engine(int $id): EngineRecord
    {
        return $this->entities->find(EngineRecord::class, $id) ?? throw NotFound::engine($id);
    }

    private static function hours(int $tenths, string $table, ?int $id): EngineHours
    {
        try {
            return EngineHours::ofTenths($tenths);
        } catch (ExpectedError $error) {
            throw CorruptRecord::in($table, (string) $id, $error->getMessage(), $error);
        }
    }
}
