<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'cart_confirmation')]
#[ORM\UniqueConstraint(name: 'part_of_order', columns: ['order_number', 'number', 'engine'])]
class CartConfirmationRecord
{
    public function __construct(
        #[ORM\Column(options: ['unsigned' => true])] public readonly int $orderNumber,
        #[ORM\Column(length: 40)] public readonly string $number,
        #[ORM\Column(length: 40)] public readonly string $engine,
        #[ORM\Column(length: 60)] public readonly string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public readonly \DateTimeImmutable $confirmedAt,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
