<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The first days of all tasks of one engine, by which the board finds it. */
#[ORM\Entity]
#[ORM\Table(name: 'engine_due')]
#[ORM\Index(name: 'engines_by_due', columns: ['due_on', 'engine_id'])]
#[ORM\Index(name: 'engines_by_expected', columns: ['expected_on', 'engine_id'])]
#[ORM\Index(name: 'engines_by_no_record', columns: ['no_record_on', 'engine_id'])]
class EngineDueRecord
{
    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public EngineRecord $engine,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $dueOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $expectedOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $noRecordOn,
        #[ORM\Column(length: 20, nullable: true, options: ['comment' => 'why the engine has no sheet'])] public ?string $refused,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'tenths of an hour that the meter shows'])] public ?int $meterTenths,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $computedAt,
    ) {
    }
}
