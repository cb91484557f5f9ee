<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The queue of background work, as the transport of symfony/doctrine-messenger wants it. */
#[ORM\Entity]
#[ORM\Table(name: 'background_message')]
#[ORM\Index(name: 'waiting_messages', columns: ['queue_name', 'available_at', 'delivered_at', 'id'])]
class BackgroundMessageRecord
{
    public function __construct(
        #[ORM\Column(type: Types::TEXT, length: 4294967295)] public string $body,
        #[ORM\Column(type: Types::TEXT, length: 4294967295)] public string $headers,
        #[ORM\Column(length: 190)] public string $queueName,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $createdAt,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $availableAt,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $deliveredAt = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(type: Types::BIGINT)] public ?string $id = null,
    ) {
    }
}
