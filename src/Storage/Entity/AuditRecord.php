<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'audit_entry')]
#[ORM\Index(name: 'audit_by_subject', columns: ['subject'])]
class AuditRecord
{
    public function __construct(
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $happenedAt,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(length: 60)] public string $action,
        #[ORM\Column(length: 160, options: ['collation' => 'utf8mb4_bin'])] public string $subject,
        #[ORM\Column(type: Types::TEXT, length: 16777215)] public string $detail,
        #[ORM\Column(length: 20, nullable: true, options: ['comment' => 'status of the subject'])] public ?string $changedFrom,
        #[ORM\Column(length: 20, nullable: true, options: ['comment' => 'status of the subject'])] public ?string $changedTo,
        #[ORM\Column(
            length: 64,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over this and the seal before it'],
        )]
        public string $seal,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
