<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Register\Customer;

#[ORM\Entity]
#[ORM\Table(name: 'customer')]
#[ORM\Index(name: 'customers_by_name', columns: ['name'])]
class CustomerRecord
{
    public function __construct(
        #[ORM\Column(length: Width::CUSTOMER_NAME)] public string $name,
        #[ORM\Column(length: Width::EMAIL, nullable: true)] public ?string $email = null,
        #[ORM\Column(length: Width::PHONE, nullable: true)] public ?string $phone = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }

    public function toShop(): Customer
    {
        return new Customer((int) $this->id, $this->name, $this->email, $this->phone, $this->version);
    }
}
