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
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
