<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What is needed to find a sheet stands here once more beside each range, so that finding it is one look into one table. */
#[ORM\Entity]
#[ORM\Table(name: 'sheet_range')]
#[ORM\Index(name: 'range_by_model', columns: ['model', 'prefix', 'serial_to', 'serial_from'])]
class SheetRangeRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public SpecSheetRecord $sheet,
        #[ORM\Column(length: 20, options: ['collation' => 'utf8mb4_bin'])] public string $model,
        #[ORM\Column(length: 20, options: ['collation' => 'utf8mb4_bin'])] public string $prefix,
        #[ORM\Column(options: ['unsigned' => true])] public int $serialFrom,
        #[ORM\Column(options: ['unsigned' => true])] public int $serialTo,
        #[ORM\Column(length: 60)] public string $sheetName,
        #[ORM\Column(options: ['unsigned' => true])] public int $revision,
        #[ORM\Column(length: 20)] public string $status,
        #[ORM\Column(length: 60)] public string $maker,
        #[ORM\Column(type: Types::SMALLINT, nullable: true, options: ['unsigned' => true, 'comment' => 'model year; null: all'])] public ?int $yearFrom,
        #[ORM\Column(type: Types::SMALLINT, nullable: true, options: ['unsigned' => true, 'comment' => 'model year; null: all'])] public ?int $yearTo,
        #[ORM\Column(length: 400, options: ['comment' => 'variants, by commas; empty: all'])] public string $gearcases,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
