<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'spec_sheet')]
#[ORM\UniqueConstraint(name: 'sheet_revision', columns: ['sheet_id', 'revision'])]
class SpecSheetRecord
{
    public function __construct(
        #[ORM\Column(length: 60)] public string $sheetId,
        #[ORM\Column(options: ['unsigned' => true])] public int $revision,
        #[ORM\Column(length: 20)] public string $status,
        #[ORM\Column(length: 60)] public string $maker,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'the sheet as JSON, byte for byte'])] public string $document,
        #[ORM\Column(options: ['comment' => 'true: applies to no engine by itself'])] public bool $family,
        #[ORM\Column(length: 80)] public string $author,
        #[ORM\Column(length: 80, nullable: true)] public ?string $reviewer,
        #[ORM\Column(type: Types::SMALLINT, nullable: true, options: ['unsigned' => true, 'comment' => 'model year; null: all'])] public ?int $yearFrom,
        #[ORM\Column(type: Types::SMALLINT, nullable: true, options: ['unsigned' => true, 'comment' => 'model year; null: all'])] public ?int $yearTo,
        #[ORM\Column(length: 400, options: ['comment' => 'variants, by commas; empty: all'])] public string $gearcases,
        #[ORM\Column(length: 60, nullable: true)] public ?string $baseSheet,
        #[ORM\Column(nullable: true, options: ['unsigned' => true])] public ?int $baseRevision,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $changedAt,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
