<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** How many engines have their first such day then: counted as they change, so that the board never counts. */
#[ORM\Entity]
#[ORM\Table(name: 'due_day')]
class DueDayRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 10, options: ['comment' => 'due, expected or no_record'])] public string $kind,
        #[ORM\Id, ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $day,
        #[ORM\Column] public int $engines,
    ) {
    }
}
