<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'kit_line')]
#[ORM\Index(name: 'kits_with_part', columns: ['part'])]
class KitLineRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)] public string $kit,
        #[ORM\Id, ORM\Column(length: 40)] public string $part,
        #[ORM\Column(type: Types::SMALLINT, options: ['unsigned' => true])] public int $count,
    ) {
    }
}
