<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'bench_entry')]
class BenchEntryRecord
{
    public function __construct(
        #[ORM\Column(type: Types::GUID, unique: true)] public string $uuid,
        #[ORM\ManyToOne, ORM\JoinColumn(referencedColumnName: 'number', nullable: false)] public OrderRecord $workOrder,
        #[ORM\Column(length: 120)] public string $stepId,
        #[ORM\Column(length: 20)] public string $kind,
        #[ORM\Column(type: Types::TEXT, length: 16777215)] public string $value,
        #[ORM\Column(type: Types::GUID, nullable: true)] public ?string $corrects,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $receivedAt,
        #[ORM\Column(options: ['unsigned' => true])] public int $deviceSequence,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC, by the clock of the tablet'])] public ?\DateTimeImmutable $deviceAt,
        #[ORM\Column(
            length: 64,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over this and the seal before it'],
        )]
        public string $seal,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $sequence = null,
    ) {
    }
}
