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
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'tenths of an hour, as the meter shows'])] public int $tenths,
        #[ORM\Column(options: ['default' => 0, 'comment' => 'tenths of an hour to add for the true total, after a new meter'])] public int $offsetTenths = 0,
        #[ORM\Column(length: 10, options: ['default' => 'counter'])] public string $source = 'counter',
        #[ORM\Column(length: 40, options: ['default' => ''])] public string $enteredBy = '',
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
