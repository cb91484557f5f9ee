<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The picture at the head of what is printed; at most one row. */
#[ORM\Entity]
#[ORM\Table(name: 'shop_logo')]
class LogoRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(options: ['unsigned' => true])] public int $id,
        /** @var resource|string */
        #[ORM\Column(type: Types::BLOB, length: 16777215, options: ['comment' => 'PNG'])] public mixed $picture,
    ) {
    }
}
