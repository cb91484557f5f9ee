<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'login_failure')]
class LoginFailureRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64, options: ['comment' => 'SHA-256 of what is counted: account, address or both'])]
        public string $who,
        #[ORM\Column(options: ['unsigned' => true])] public int $failures,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $lastAt,
    ) {
    }
}
