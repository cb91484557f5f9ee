<?php

declare(strict_types=1);

namespace FreshTack\Storage;

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
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\HourReadingRecord;
use FreshTack\Storage\Entity\ReaderReportRecord;
use FreshTack\Storage\Entity\TaskDeclinedRecord;
use FreshTack\Storage\Entity\TaskDoneRecord;

final readonly class DoctrineEngineLogs implements EngineLogs
{
    public function __construct(private EntityManagerInterface $entities)
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
        foreach ([] === $engineIds ? [] : $this->entities->getRepository(HourReadingRecord::class)->findBy(['engine' => $engineIds], ['readOn' => 'ASC', 'id' => 'ASC']) as $record) {
            $readings[(int) $record->engine->id][] = new HourReading($record->readOn, self::hours($record->tenths, 'hour_reading', $record->id), $record->offsetTenths, ReadingSource::from($record->source));
        }
        foreach ([] === $engineIds ? [] : $this->entities->getRepository(TaskDoneRecord::class)->findBy(['engine' => $engineIds], ['doneOn' => 'ASC', 'id' => 'ASC']) as $record) {
            $hours = null === $record->tenths ? null : self::hours($record->tenths, 'task_done', $record->id);
            $done[(int) $record->engine->id][] = new TaskDone(Task::from($record->task), Action::from($record->action), $record->doneOn, $hours, $record->evidence, $record->elsewhere);
        }
        foreach ([] === $engineIds ? [] : $this->entities->getRepository(TaskDeclinedRecord::class)->findBy(['engine' => $engineIds], ['declinedOn' => 'ASC', 'id' => 'ASC']) as $record) {
            $declined[(int) $record->engine->id][] = new Declined(Task::from($record->task), $record->declinedOn, $record->note);
        }
        $histories = [];
        foreach ($engineIds as $id) {
            $histories[$id] = new EngineHistory(new HourLog($readings[$id]), $done[$id], $declined[$id]);
        }

        return $histories;
    }

    public function addReading(int $engineId, HourReading $reading, string $by): void
    {
        $this->entities->persist(new HourReadingRecord($this->engine($engineId), $reading->on, $reading->meter->tenths, $reading->offsetTenths, $reading->source->value, $by));
        $this->entities->flush();
    }

    public function addDone(int $engineId, TaskDone $done, string $by): void
    {
        $this->entities->persist(new TaskDoneRecord($this->engine($engineId), $done->task->value, $done->on, $done->hours?->tenths, $done->evidence, $done->action->value, $done->elsewhere, $by));
        $this->entities->flush();
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
