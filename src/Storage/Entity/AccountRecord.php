<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Role;

#[ORM\Entity]
#[ORM\Table(name: 'account')]
class AccountRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 60, options: ['collation' => 'utf8mb4_bin'])] public string $username,
        #[ORM\Column(length: 80)] public string $name,
        #[ORM\Column(length: 20)] public string $role,
        #[ORM\Column(length: 255)] public string $passwordHash,
        #[ORM\Column(options: ['default' => false, 'comment' => 'leads at the bench; managers do in any case'])] public bool $lead = false,
        #[ORM\Column(
            length: 255,
            nullable: true,
            options: ['comment' => 'of the four digits by which a shared tablet changes hands'],
        )]
        public ?string $pinHash = null,
        #[ORM\Column(options: ['default' => false, 'comment' => 'locked out: nobody signs in as it'])] public bool $locked = false,
        #[ORM\Column(length: 200, nullable: true, options: ['comment' => 'where a link for a new password goes'])]
        public ?string $email = null,
        #[ORM\Column(options: [
            'unsigned' => true,
            'default' => 0,
            'comment' => 'how often they were signed out everywhere; a session knows the number of its day',
        ])]
        public int $signOuts = 0,
    ) {
    }

    public function toShop(): Account
    {
        return new Account(
            $this->username,
            $this->name,
            Role::from($this->role),
            $this->passwordHash,
            $this->lead,
            $this->pinHash,
            $this->locked,
            $this->email,
            $this->signOuts,
        );
    }
}
