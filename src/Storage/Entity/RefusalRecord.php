<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'refusal')]
class RefusalRecord
{
    public function __construct(
        #[ORM\Column(length: 20)] public string $model,
        #[ORM\Column(length: 30)] public string $serial,
        #[ORM\Column(length: 30)] public string $reason,
        #[ORM\Column(length: 500)] public string $message,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public BoatRecord $boat,
        #[ORM\Column(length: 60)] public string $raisedBy,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $raisedAt,
        #[ORM\Column(length: 60, nullable: true)] public ?string $settledBy = null,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true, options: ['comment' => 'UTC'])] public ?\DateTimeImmutable $settledAt = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
