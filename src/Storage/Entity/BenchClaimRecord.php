<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'bench_claim')]
#[ORM\UniqueConstraint(name: 'work_of_order', columns: ['order_number', 'work'])]
class BenchClaimRecord
{
    public function __construct(
        #[ORM\Column(options: ['unsigned' => true])] public readonly int $orderNumber,
        #[ORM\Column(length: 190, options: ['comment' => 'position of the engine, or id of the operation'])] public readonly string $work,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $takenAt,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
