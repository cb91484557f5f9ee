<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Reading\Width;

#[ORM\Entity]
#[ORM\Table(name: 'part')]
#[ORM\Index(name: 'substitutes', columns: ['substitute_for'])]
class PartRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: Width::PART_NUMBER)] public string $number,
        #[ORM\Column(length: Width::PART_DESCRIPTION)] public string $description,
        #[ORM\Column(length: Width::BIN)] public string $bin,
        #[ORM\Column(options: ['unsigned' => true])] public int $inStock,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'smallest coin'])] public int $priceMinor,
        #[ORM\Column(length: Width::MAKER)] public string $maker,
        #[ORM\Column(length: 10, options: ['comment' => 'maker or other'])] public string $origin,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'pieces in a pack'])] public int $packSize,
        #[ORM\Column(length: Width::PART_NUMBER, nullable: true)] public ?string $supersededBy,
        #[ORM\Column(options: ['unsigned' => true, 'default' => 0, 'comment' => 'pieces'])] public int $onOrder = 0,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $arrivesOn = null,
        #[ORM\Column(length: 40, nullable: true, options: ['comment' => 'the maker\'s number'])] public ?string $substituteFor = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }
}
