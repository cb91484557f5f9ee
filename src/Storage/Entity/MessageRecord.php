<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'message')]
#[ORM\Index(name: 'messages_of_boat', columns: ['boat_id', 'written_at'])]
class MessageRecord
{
    public function __construct(
        #[ORM\Column(options: ['unsigned' => true])] public int $boatId,
        #[ORM\Column(length: 10, options: ['comment' => 'email or text'])] public string $channel,
        #[ORM\Column(length: 200)] public string $recipient,
        #[ORM\Column(length: 200)] public string $subject,
        #[ORM\Column(type: Types::TEXT, length: 16777215)] public string $body,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $writtenAt,
        #[ORM\Column(length: 40)] public string $writtenBy,
        #[ORM\Column(length: 300, nullable: true, options: ['comment' => 'why it could not be handed over; null: it was'])] public ?string $failure,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
