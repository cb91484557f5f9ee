<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'order_flag')]
#[ORM\Index(name: 'flags_of_order', columns: ['order_number'])]
class OrderFlagRecord
{
    public function __construct(
        #[ORM\Column(options: ['unsigned' => true])] public int $orderNumber,
        #[ORM\Column(length: 20)] public string $position,
        #[ORM\Column(length: 60)] public string $sheetId,
        #[ORM\Column(options: ['unsigned' => true])] public int $fromRevision,
        #[ORM\Column(options: ['unsigned' => true])] public int $toRevision,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'the values that differ, as JSON'])] public string $differences,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $raisedAt,
        #[ORM\Column(length: 10, nullable: true, options: ['comment' => 'kept or renewed; null: waits'])] public ?string $decision = null,
        #[ORM\Column(length: 300, nullable: true)] public ?string $reason = null,
        #[ORM\Column(length: 80, nullable: true)] public ?string $decidedBy = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC'])] public ?\DateTimeImmutable $decidedAt = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
