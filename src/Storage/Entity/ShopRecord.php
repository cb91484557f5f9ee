<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'shop')]
class ShopRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(options: ['unsigned' => true])] public int $id,
        #[ORM\Column(type: Types::TEXT, length: 16777215, options: ['comment' => 'the shop settings as JSON'])] public string $document,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }
}
