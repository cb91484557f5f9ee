<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Storage\Entity\EngineModelRecord;
use FreshTack\Storage\Entity\ProcedureRecord;
use FreshTack\Storage\Entity\SheetRangeRecord;
use FreshTack\Storage\Entity\SpecSheetRecord;

/** A published revision never changes, so what was read once in a request is kept for its length. */
final class DoctrineSpecBook implements SpecBook
{
    /** @var array<string, SpecSheet> */
    private array $read = [];
    /** @var array<string, SpecSheetRecord> by name of the head */
    private array $records = [];
    /** @var array<string, list<SheetHead>> by model */
    private array $heads = [];

    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    public function model(string $code): ?EngineModel
    {
        return $this->entities->find(EngineModelRecord::class, $code)?->toCore();
    }

    public function models(): array
    {
        return array_map(static fn (EngineModelRecord $record): EngineModel => $record->toCore(), $this->entities->getRepository(EngineModelRecord::class)->findBy([], ['maker' => 'ASC', 'code' => 'ASC']));
    }

    public function heads(string $model): array
    {
        return $this->heads[$model] ??= $this->queriedHeads($model);
    }

    /** @return list<SheetHead> */
    private function queriedHeads(string $model): array
    {
        /** @var list<SpecSheetRecord> $records */
        $records = $this->entities->createQuery('SELECT DISTINCT s FROM '.SpecSheetRecord::class.' s JOIN '.SheetRangeRecord::class.' r WITH r.sheet = s WHERE r.model = :model ORDER BY s.sheetId, s.revision')
            ->setParameter('model', $model)->getResult();

        return array_map(function (SpecSheetRecord $record): SheetHead {
            $head = $this->sheetOf($record)->head;
            $this->records[$head->name()] = $record;

            return $head;
        }, $records);
    }

    public function sheet(SheetHead $head): SpecSheet
    {
        return $this->sheetOf($this->record($head));
    }

    public function document(SheetHead $head): array
    {
        return $this->decoded($this->record($head)->document, 'spec_sheet', $head->name());
    }

    public function sheets(): array
    {
        return array_map($this->sheetOf(...), $this->entities->getRepository(SpecSheetRecord::class)->findBy([], ['maker' => 'ASC', 'sheetId' => 'ASC', 'revision' => 'ASC']));
    }

    public function procedures(): array
    {
        return array_map(fn (ProcedureRecord $record): array => $this->decoded($record->document, 'procedure_document', $record->id), $this->entities->getRepository(ProcedureRecord::class)->findBy([], ['place' => 'ASC']));
    }

    private function record(SheetHead $head): SpecSheetRecord
    {
        return $this->records[$head->name()] ??= $this->entities->getRepository(SpecSheetRecord::class)->findOneBy(['sheetId' => $head->id, 'revision' => $head->revision])
            ?? throw CorruptRecord::in('spec_sheet', $head->name(), 'it is gone');
    }

    private function sheetOf(SpecSheetRecord $record): SpecSheet
    {
        $key = $record->sheetId.'#'.$record->revision;

        try {
            return $this->read[$key] ??= SheetReader::read($this->decoded($record->document, 'spec_sheet', $key));
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('spec_sheet', $key, $error->getMessage(), $error);
        }
    }

    /** @return array<mixed> */
    private function decoded(string $document, string $table, string $id): array
    {
        try {
            $decoded = Json::decode($document);
        } catch (ExpectedError $error) {
            throw CorruptRecord::in($table, $id, $error->getMessage(), $error);
        }

        return \is_array($decoded) ? $decoded : throw CorruptRecord::in($table, $id, 'no object');
    }
}
