<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\SpecBook\Inheritance;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Exchange\Json;
use FreshTack\Storage\Entity\SpecSheetRecord;

/** Sheets as documents, with and without what they take from their family; each read once in a request. */
final class SheetStore implements RequestMemory
{
    /** @var array<string, SpecSheet> */
    private array $read = [];
    /** @var array<string, array<mixed>> */
    private array $flat = [];

    public function __construct(private readonly EntityManagerInterface $entities, private readonly BookCache $cache)
    {
    }

    public function reset(): void
    {
        $this->read = $this->flat = [];
    }

    public function record(string $id, int $revision): ?SpecSheetRecord
    {
        return $this->entities->getRepository(SpecSheetRecord::class)->findOneBy(['sheetId' => $id, 'revision' => $revision]);
    }

    /** @return array<mixed> */
    public function document(string $id, int $revision): array
    {
        $record = $this->record($id, $revision) ?? throw CorruptRecord::in('spec_sheet', "$id rev. $revision", 'it is gone');

        return StoredJson::map($record->document, 'spec_sheet', "$id rev. $revision");
    }

    /** @return array<mixed> */
    public function resolvedDocument(string $id, int $revision): array
    {
        return $this->flat["$id#$revision"] ??= $this->flatten($this->document($id, $revision));
    }

    public function resolved(string $id, int $revision): SpecSheet
    {
        return $this->read["$id#$revision"] ??= $this->cache->kept(SpecSheet::class, $this->texts($id, $revision), function () use ($id, $revision): SpecSheet {
            try {
                return SheetReader::read($this->resolvedDocument($id, $revision));
            } catch (ExpectedError $error) {
                throw CorruptRecord::in('spec_sheet', "$id rev. $revision", $error->getMessage(), $error);
            }
        });
    }

    /** The sheet as it is written, and its family's behind it. */
    private function texts(string $id, int $revision): string
    {
        $text = $this->text($id, $revision);
        if (1 !== preg_match('/"base":\s*\{/', $text)) {
            return $text;
        }

        return 1 === preg_match('/"base":\s*\{\s*"sheet":\s*"([^"]+)",\s*"revision":\s*(\d+)/', $text, $found) ? $text.$this->text($found[1], (int) $found[2]) : Json::encode($this->resolvedDocument($id, $revision));
    }

    private function text(string $id, int $revision): string
    {
        $text = $this->entities->getConnection()->fetchOne('SELECT document FROM spec_sheet WHERE sheet_id = ? AND revision = ?', [$id, $revision]);

        return \is_string($text) ? $text : throw CorruptRecord::in('spec_sheet', "$id rev. $revision", 'it is gone');
    }

    /** After a revision was written. */
    public function forget(string $id, int $revision): void
    {
        unset($this->read["$id#$revision"], $this->flat["$id#$revision"]);
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function flatten(array $document): array
    {
        $base = $document['base'] ?? null;

        return \is_array($base) && \is_string($base['sheet'] ?? null) && \is_int($base['revision'] ?? null) ? Inheritance::flatten($document, $this->document($base['sheet'], $base['revision'])) : $document;
    }
}
