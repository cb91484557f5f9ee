<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'hour_reading')]
class HourReadingRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public EngineRecord $engine,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $readOn,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'tenths of an hour'])] public int $tenths,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
