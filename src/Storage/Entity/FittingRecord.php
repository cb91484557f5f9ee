<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'fitting')]
class FittingRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public EngineRecord $engine,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public BoatRecord $boat,
        #[ORM\Column(length: 20)] public string $position,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $fittedOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $takenOffOn = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
