<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Storage\Entity\SheetRangeRecord;
use FreshTack\Storage\Entity\SpecSheetRecord;

/** A sheet's document goes into one row as it is, and beside it the columns and ranges by which it is found. */
final readonly class SheetWriter
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @param array<mixed> $document from which the sheet was read */
    public function insert(SpecSheet $sheet, array $document, \DateTimeImmutable $at): SpecSheetRecord
    {
        $head = $sheet->head;
        $record = new SpecSheetRecord($head->id, $head->revision, $head->status->value, $head->maker, SheetDocument::text($document), $head->isFamily(), $sheet->author, $sheet->reviewer, $head->years?->from, $head->years?->to, implode(',', $head->gearcases), $sheet->base?->sheet, $sheet->base?->revision, $at);
        $this->entities->persist($record);
        $this->ranges($record, $sheet);

        return $record;
    }

    /** @param array<mixed> $document from which the sheet was read */
    public function update(SpecSheetRecord $record, SpecSheet $sheet, array $document, \DateTimeImmutable $at): void
    {
        $head = $sheet->head;
        $record->status = $head->status->value;
        $record->maker = $head->maker;
        $record->document = SheetDocument::text($document);
        $record->family = $head->isFamily();
        $record->author = $sheet->author;
        $record->reviewer = $sheet->reviewer;
        $record->yearFrom = $head->years?->from;
        $record->yearTo = $head->years?->to;
        $record->gearcases = implode(',', $head->gearcases);
        $record->baseSheet = $sheet->base?->sheet;
        $record->baseRevision = $sheet->base?->revision;
        $record->changedAt = $at;
        $this->entities->createQuery('DELETE FROM '.SheetRangeRecord::class.' r WHERE r.sheet = :sheet')->execute(['sheet' => $record]);
        $this->ranges($record, $sheet);
    }

    private function ranges(SpecSheetRecord $record, SpecSheet $sheet): void
    {
        $head = $sheet->head;
        foreach ($head->models as $model) {
            foreach ($head->ranges as $range) {
                $this->entities->persist(new SheetRangeRecord($record, $model, $range->prefix, $range->from, $range->to, $head->id, $head->revision, $head->status->value, $head->maker, $head->years?->from, $head->years?->to, implode(',', $head->gearcases)));
            }
        }
    }
}
