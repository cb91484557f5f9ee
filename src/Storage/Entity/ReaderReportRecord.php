<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'reader_report')]
class ReaderReportRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public EngineRecord $engine,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $readOn,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'tenths of an hour, as the engine tells'])] public int $tenths,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'share of time per band of speed and fault codes, as JSON'])] public string $document,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
