<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\SpecBook\BaseSheet;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Shop\Book\Revision;
use FreshTack\Shop\Book\RevisionLine;
use FreshTack\Shop\Book\Revisions;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Storage\Entity\SheetRangeRecord;
use FreshTack\Storage\Entity\SpecSheetRecord;

final readonly class DoctrineRevisions implements Revisions
{
    public function __construct(private EntityManagerInterface $entities, private SheetStore $store, private SheetWriter $writer, private SheetHeads $heads)
    {
    }

    public function get(string $id, int $revision): Revision
    {
        return $this->revision($this->record($id, $revision));
    }

    public function of(string $id): array
    {
        return $this->lines($this->entities->getRepository(SpecSheetRecord::class)->findBy(['sheetId' => $id], ['revision' => 'DESC']));
    }

    public function search(string $text, int $most): array
    {
        $pattern = addcslashes(trim($text), '%_\\').'%';
        /** @var list<SpecSheetRecord> $records */
        $records = $this->entities->createQuery(
            'SELECT DISTINCT s FROM '.SpecSheetRecord::class.' s LEFT JOIN '.SheetRangeRecord::class.' r WITH r.sheet = s
             WHERE s.sheetId LIKE :start OR s.maker LIKE :start OR r.model LIKE :start ORDER BY s.maker, s.sheetId, s.revision DESC',
        )->setParameter('start', $pattern)->setMaxResults($most)->getResult();

        return $this->lines($records);
    }

    public function resolved(string $id, int $revision): SpecSheet
    {
        $this->record($id, $revision);

        return $this->store->resolved($id, $revision);
    }

    public function add(array $document, \DateTimeImmutable $at): Revision
    {
        $sheet = $this->read($document);
        if (null !== $this->store->record($sheet->head->id, $sheet->head->revision)) {
            throw Conflict::revisionExists($sheet->head->name());
        }
        $record = $this->writer->insert($sheet, $document, $at);
        $this->entities->flush();

        return $this->revision($record);
    }

    public function replace(string $id, int $revision, int $version, array $document, \DateTimeImmutable $at): Revision
    {
        $record = $this->lock($id, $revision, $version);
        $this->writer->update($record, $this->read($document), $document, $at);
        $this->entities->flush();
        $this->store->forget($id, $revision);

        return $this->revision($record);
    }

    public function remove(string $id, int $revision, int $version): void
    {
        $this->entities->remove($this->lock($id, $revision, $version));
        $this->entities->flush();
        $this->store->forget($id, $revision);
    }

    /** @throws NotFound */
    private function record(string $id, int $revision): SpecSheetRecord
    {
        return $this->store->record($id, $revision) ?? throw NotFound::sheet($id, $revision);
    }

    /** @throws NotFound|Conflict */
    private function lock(string $id, int $revision, int $version): SpecSheetRecord
    {
        $record = $this->record($id, $revision);

        try {
            $this->entities->lock($record, LockMode::OPTIMISTIC, $version);
        } catch (OptimisticLockException) {
            throw Conflict::changedMeanwhile("$id rev. $revision");
        }

        return $record;
    }

    private function revision(SpecSheetRecord $record): Revision
    {
        $document = StoredJson::map($record->document, 'spec_sheet', (string) $record->id);

        return new Revision($this->read($document)->head, $document, $record->version, $record->changedAt);
    }

    /**
     * @param list<SpecSheetRecord> $records
     *
     * @return list<RevisionLine>
     */
    private function lines(array $records): array
    {
        $heads = [] === $records ? [] : $this->heads->ofRows(array_map(static fn (SpecSheetRecord $record): int => (int) $record->id, $records));

        return array_map(static fn (SpecSheetRecord $record): RevisionLine => new RevisionLine($heads[(int) $record->id], $record->author, $record->reviewer, null === $record->baseSheet ? null : new BaseSheet($record->baseSheet, (int) $record->baseRevision), $record->changedAt), $records);
    }

    /**
     * Documents are checked before they come here.
     *
     * @param array<mixed> $document
     */
    private function read(array $document): SpecSheet
    {
        try {
            return SheetReader::read($document);
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('spec_sheet', \is_string($document['id'] ?? null) ? $document['id'] : '?', $error->getMessage(), $error);
        }
    }
}
