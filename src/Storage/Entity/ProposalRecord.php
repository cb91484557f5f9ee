<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'proposal')]
class ProposalRecord
{
    public function __construct(
        #[ORM\Column(length: 60)] public string $sheetId,
        #[ORM\Column(options: ['unsigned' => true])] public int $revision,
        #[ORM\Column(length: 60)] public string $path,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'the value as JSON, without its source'])] public string $content,
        #[ORM\Column(length: 200)] public string $document,
        #[ORM\Column(length: 40)] public string $documentRevision,
        #[ORM\Column(length: 40)] public string $page,
        #[ORM\Column(length: 300)] public string $reason,
        #[ORM\Column(options: ['unsigned' => true])] public int $orderNumber,
        #[ORM\Column(length: 80)] public string $raisedBy,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $raisedAt,
        #[ORM\Column(length: 20, nullable: true, options: ['comment' => 'taken or turned_down; null: waits'])] public ?string $outcome = null,
        #[ORM\Column(length: 80, nullable: true)] public ?string $settledBy = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC'])] public ?\DateTimeImmutable $settledAt = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
