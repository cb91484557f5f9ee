<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'sheet_range')]
#[ORM\Index(name: 'range_by_model', columns: ['model', 'prefix', 'serial_to', 'serial_from'])]
class SheetRangeRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public SpecSheetRecord $sheet,
        #[ORM\Column(length: 20)] public string $model,
        #[ORM\Column(length: 20)] public string $prefix,
        #[ORM\Column(options: ['unsigned' => true])] public int $serialFrom,
        #[ORM\Column(options: ['unsigned' => true])] public int $serialTo,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
