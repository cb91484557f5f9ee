<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Shop\Book\BookLibrary;
use FreshTack\Storage\Entity\EngineModelRecord;
use FreshTack\Storage\Entity\ProcedureRecord;

final readonly class DoctrineBookLibrary implements BookLibrary
{
    public function __construct(private EntityManagerInterface $entities, private Connection $connection)
    {
    }

    public function sheets(): iterable
    {
        foreach ($this->connection->iterateAssociative('SELECT sheet_id, document FROM spec_sheet ORDER BY sheet_id, revision') as $row) {
            yield StoredJson::map(Column::text($row, 'document'), 'spec_sheet', Column::text($row, 'sheet_id'));
        }
    }

    public function procedures(): array
    {
        return array_column(array_map(static fn (ProcedureRecord $record): array => [$record->id, $record->document], $this->entities->getRepository(ProcedureRecord::class)->findBy([], ['place' => 'ASC'])), 1, 0);
    }

    public function addModel(EngineModel $model): void
    {
        $this->entities->persist(new EngineModelRecord($model->code, $model->maker, $model->cycle->value, implode(',', $model->serialPrefixes), $model->serialDigits));
        $this->entities->flush();
    }

    public function putProcedure(string $id, string $text): void
    {
        $this->put($id, $text);
        $this->entities->flush();
    }

    public function installProcedure(string $id, string $text): void
    {
        $this->put($id, $text)->installed = hash('sha256', $text);
        $this->entities->flush();
    }

    public function unchangedProcedures(): array
    {
        $unchanged = array_filter(
            $this->entities->getRepository(ProcedureRecord::class)->findAll(),
            static fn (ProcedureRecord $record): bool => hash('sha256', $record->document) === $record->installed,
        );

        return array_values(array_map(static fn (ProcedureRecord $record): string => $record->id, $unchanged));
    }

    private function put(string $id, string $text): ProcedureRecord
    {
        $record = $this->entities->find(ProcedureRecord::class, $id);
        if (null === $record) {
            $record = new ProcedureRecord($id, $this->entities->getRepository(ProcedureRecord::class)->count(), $text);
            $this->entities->persist($record);
        }
        $record->document = $text;

        return $record;
    }
}
