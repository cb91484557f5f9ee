<?php

declare(strict_types=1);

namespace FreshTack\Storage\Demo;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Storage\Entity\SheetRangeRecord;
use FreshTack\Storage\Entity\SpecSheetRecord;

/** Takes a spec sheet into the book: its text as it is, and beside it the ranges by which it is found. */
final readonly class SheetImporter
{
    public function __construct(private EntityManagerInterface $entities, private Schemas $schemas)
    {
    }

    /** @throws InvalidDocument if the sheet does not fit its schema, or its reader refuses it */
    public function import(string $json): void
    {
        $this->schemas->validate($json, Schemas::SPEC_SHEET);
        $head = SheetReader::read(Json::decode($json))->head;
        $sheet = new SpecSheetRecord($head->id, $head->revision, $head->status->value, $head->maker, $json);
        $this->entities->persist($sheet);
        foreach ($head->models as $model) {
            foreach ($head->ranges as $range) {
                $this->entities->persist(new SheetRangeRecord($sheet, $model, $range->prefix, $range->from, $range->to));
            }
        }
    }
}
