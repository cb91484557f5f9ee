<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Reading\Width;

/** A line of an engine's log that does not count any more. */
#[ORM\Entity]
#[ORM\Table(name: 'taken_back')]
class TakenBackRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 10, options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'reading, done or declined'])]
        public string $kind,
        #[ORM\Id, ORM\Column(options: ['unsigned' => true, 'comment' => 'which line'])] public int $ref,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $takenBackAt,
        #[ORM\Column(length: Width::REASON)] public string $why,
    ) {
    }
}
