<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What was answered to one press of a button, for whoever has to ask again. */
#[ORM\Entity]
#[ORM\Table(name: 'press')]
#[ORM\Index(name: 'presses_by_age', columns: ['made_at'])]
class PressRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 60, options: ['collation' => 'utf8mb4_bin'])] public string $account,
        #[ORM\Id, ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'Idempotency-Key'])]
        public string $id,
        #[ORM\Column(
            length: 64,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'SHA-256 of method, path and body'],
        )]
        public string $asked,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'HTTP; null: not answered yet'])] public ?int $status,
        #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true)] public ?string $answer,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $madeAt,
    ) {
    }
}
