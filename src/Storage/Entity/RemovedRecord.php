<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Something that was removed from the register, whole, so that it can be brought back. */
#[ORM\Entity]
#[ORM\Table(name: 'removed')]
class RemovedRecord
{
    public function __construct(
        #[ORM\Column(length: 10, options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'boat, engine or customer'])]
        public string $kind,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'its number, which it has again when it is brought back'])] public int $ref,
        #[ORM\Column(length: 200, options: ['comment' => 'how people know it'])] public string $name,
        #[ORM\Column(type: Types::TEXT, options: ['comment' => 'its row, as JSON'])] public string $content,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $removedAt,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
