<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
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
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\Chains;
use FreshTack\Storage\Chain\Links;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\HourReadingRecord;
use FreshTack\Storage\Entity\ReaderReportRecord;
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
        foreach ($this->rows('read_on, tenths, offset_tenths, source, id FROM hour_reading', 'read_on', $engineIds) as $row) {
            $readings[Column::int($row, 'engine_id')][] = new HourReading(Column::day($row, 'read_on'), self::hours(Column::int($row, 'tenths'), 'hour_reading', Column::int($row, 'id')), Column::int($row, 'offset_tenths'), ReadingSource::from(Column::text($row, 'source')));
        }
        foreach ($this->rows('task, action, done_on, tenths, evidence, elsewhere, id FROM task_done', 'done_on', $engineIds) as $row) {
            $hours = null === $row['tenths'] ? null : self::hours(Column::int($row, 'tenths'), 'task_done', Column::int($row, 'id'));
            $done[Column::int($row, 'engine_id')][] = new TaskDone(Task::from(Column::text($row, 'task')), Action::from(Column::text($row, 'action')), Column::day($row, 'done_on'), $hours, Column::text($row, 'evidence'), 1 === Column::int($row, 'elsewhere'));
        }
        foreach ($this->rows('task, declined_on, note, id FROM task_declined', 'declined_on', $engineIds) as $row) {
            $declined[Column::int($row, 'engine_id')][] = new Declined(Task::from(Column::text($row, 'task')), Column::day($row, 'declined_on'), Column::text($row, 'note'));
        }
        $histories = [];
        foreach ($engineIds as $id) {
            $histories[$id] = new EngineHistory(new HourLog($readings[$id]), $done[$id], $declined[$id]);
        }

        return $histories;
    }

    /**
     * Plain rows: a history is read for every preview, and nothing of it is ever changed.
     *
     * @param list<int> $engineIds
     *
     * @return list<array<string, mixed>> by day
     */
    private function rows(string $columns, string $day, array $engineIds): array
    {
        return [] === $engineIds ? [] : $this->entities->getConnection()->fetchAllAssociative("SELECT engine_id, $columns WHERE engine_id IN (?) ORDER BY $day, id", [$engineIds], [ArrayParameterType::INTEGER]);
    }

    public function addReading(int $engineId, HourReading $reading, string $by): void
    {
        $this->entities->persist(new HourReadingRecord($this->engine($engineId), $reading->on, $reading->meter->tenths, $reading->offsetTenths, $reading->source->value, $by));
        $this->entities->flush();
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
