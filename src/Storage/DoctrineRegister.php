<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\Register\HourReading;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\HourReadingRecord;
use FreshTack\Storage\Entity\TaskDoneRecord;

final readonly class DoctrineRegister implements Register
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function boat(int $id): Boat
    {
        $record = $this->entities->find(BoatRecord::class, $id) ?? throw NotFound::boat($id);

        return $this->withEngines([$record])[0];
    }

    public function engine(int $id): Engine
    {
        return $this->engineRecord($id)->toShop();
    }

    public function boats(): array
    {
        return $this->withEngines($this->entities->getRepository(BoatRecord::class)->findBy([], ['name' => 'ASC']));
    }

    public function search(string $text): array
    {
        $pattern = addcslashes(trim($text), '%_\\').'%';
        $query = $this->entities->createQuery(
            'SELECT DISTINCT b FROM '.BoatRecord::class.' b LEFT JOIN '.EngineRecord::class.' e WITH e.boat = b
             WHERE b.name LIKE :start OR b.name LIKE :inside OR b.customer LIKE :start OR b.customer LIKE :inside OR b.registration LIKE :start OR e.serial LIKE :start OR e.model LIKE :start ORDER BY b.name',
        )->setParameters(['start' => $pattern, 'inside' => '% '.$pattern])->setMaxResults(20);
        /** @var list<BoatRecord> $records */
        $records = $query->getResult();

        return $this->withEngines($records);
    }

    public function history(int $engineId): EngineHistory
    {
        $this->engineRecord($engineId);

        return $this->histories([$engineId])[$engineId];
    }

    public function histories(array $engineIds): array
    {
        $readings = $done = array_fill_keys($engineIds, []);
        foreach ($this->entities->getRepository(HourReadingRecord::class)->findBy(['engine' => $engineIds], ['readOn' => 'ASC', 'id' => 'ASC']) as $record) {
            $readings[(int) $record->engine->id][] = new HourReading($record->readOn, $this->hours($record->tenths, 'hour_reading', $record->id));
        }
        foreach ($this->entities->getRepository(TaskDoneRecord::class)->findBy(['engine' => $engineIds], ['doneOn' => 'ASC', 'id' => 'ASC']) as $record) {
            $hours = null === $record->tenths ? null : $this->hours($record->tenths, 'task_done', $record->id);
            $done[(int) $record->engine->id][] = new TaskDone(Task::from($record->task), $record->doneOn, $hours, $record->evidence);
        }
        $histories = [];
        foreach ($engineIds as $id) {
            $histories[$id] = new EngineHistory($readings[$id], $done[$id]);
        }

        return $histories;
    }

    public function identify(int $engineId, Plate $plate, bool $hasMeter): void
    {
        $record = $this->engineRecord($engineId);
        $other = $this->entities->getRepository(EngineRecord::class)->findOneBy(['serial' => $plate->serial]);
        if (null !== $other && $other !== $record) {
            throw Conflict::serialTaken($plate->serial);
        }
        $record->model = $plate->model;
        $record->serial = $plate->serial;
        $record->modelYear = $plate->year;
        $record->gearcase = $plate->gearcase;
        $record->hasMeter = $hasMeter;
    }

    public function addReading(int $engineId, HourReading $reading): void
    {
        $this->entities->persist(new HourReadingRecord($this->engineRecord($engineId), $reading->on, $reading->hours->tenths));
    }

    public function addDone(int $engineId, TaskDone $done): void
    {
        $this->entities->persist(new TaskDoneRecord($this->engineRecord($engineId), $done->task->value, $done->on, $done->hours?->tenths, $done->evidence));
    }

    public function addBoat(Boat $boat): Boat
    {
        $record = new BoatRecord($boat->name, $boat->kind, $boat->registration, $boat->customer, $boat->use->water, $boat->use->kept, $boat->use->commercial, implode(',', $boat->use->months));
        $this->entities->persist($record);
        foreach ($boat->engines as $engine) {
            $this->entities->persist(new EngineRecord($record, $engine->position->value, $engine->model, $engine->serial, $engine->inService, $engine->hasMeter));
        }
        $this->entities->flush();

        return $this->withEngines([$record])[0];
    }

    /** @throws NotFound */
    private function engineRecord(int $id): EngineRecord
    {
        return $this->entities->find(EngineRecord::class, $id) ?? throw NotFound::engine($id);
    }

    /**
     * @param list<BoatRecord> $records
     *
     * @return ($records is non-empty-list<BoatRecord> ? non-empty-list<Boat> : list<Boat>)
     */
    private function withEngines(array $records): array
    {
        $hung = [];
        foreach ($this->entities->getRepository(EngineRecord::class)->findBy(['boat' => $records]) as $engine) {
            $hung[(int) $engine->boat->id][] = $engine;
        }

        return array_map(static fn (BoatRecord $record): Boat => $record->toShop($hung[(int) $record->id] ?? []), $records);
    }

    private function hours(int $tenths, string $table, ?int $id): EngineHours
    {
        try {
            return EngineHours::ofTenths($tenths);
        } catch (ExpectedError $error) {
            throw CorruptRecord::in($table, (string) $id, $error->getMessage(), $error);
        }
    }
}
