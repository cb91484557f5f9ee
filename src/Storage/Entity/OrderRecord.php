<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Reading\Width;

#[ORM\Entity]
#[ORM\Table(name: 'work_order')]
#[ORM\Index(name: 'order_by_status', columns: ['status', 'released_at'])]
#[ORM\Index(name: 'orders_by_lane', columns: ['status', 'number'])]
class OrderRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public BoatRecord $boat,
        #[ORM\Column(length: 20)] public string $status,
        #[ORM\Column(type: Types::TEXT, length: 16777215)] public string $draft,
        #[ORM\Column(length: 60)] public string $openedBy,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $openedAt,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC'])] public ?\DateTimeImmutable $issuedAt = null,
        #[ORM\Column(length: 60, nullable: true)] public ?string $issuedBy = null,
        #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true, options: ['comment' => 'the canonical request as issued'])] public ?string $request = null,
        #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true, options: ['comment' => 'the frozen order, byte for byte'])] public ?string $document = null,
        #[ORM\Column(length: 64, nullable: true)] public ?string $documentSha256 = null,
        #[ORM\Column(length: 20, nullable: true)] public ?string $engineVersion = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC'])] public ?\DateTimeImmutable $releasedAt = null,
        #[ORM\Column(length: 60, nullable: true)] public ?string $releasedBy = null,
        #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true)] public ?string $record = null,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'of the frozen order; null: not counted yet, or not issued'])] public ?int $steps = null,
        #[ORM\Column(options: ['unsigned' => true, 'default' => 0])] public int $stepsDone = 0,
        #[ORM\Column(length: 40, nullable: true, options: ['comment' => 'what was found and stopped the work'])] public ?string $stoppedBy = null,
        #[ORM\Column(
            length: 64,
            nullable: true,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over the frozen order'],
        )]
        public ?string $documentSeal = null,
        #[ORM\Column(
            length: 64,
            nullable: true,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over the record and the seal of the last entry'],
        )]
        public ?string $recordSeal = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC; by the plan as it was issued'])]
        public ?\DateTimeImmutable $readyBy = null,
        #[ORM\Column(type: Types::TEXT, nullable: true, options: ['comment' => 'what the check-in wrote into the register, as JSON'])]
        public ?string $brought = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC; of an order that is not carried out'])]
        public ?\DateTimeImmutable $closedAt = null,
        #[ORM\Column(length: 60, nullable: true)] public ?string $closedBy = null,
        #[ORM\Column(length: Width::REASON, nullable: true)] public ?string $closedWhy = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $number = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }
}
