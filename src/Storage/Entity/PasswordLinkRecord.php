<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A link by which somebody sets a password of their own, once. */
#[ORM\Entity]
#[ORM\Table(name: 'password_link')]
#[ORM\UniqueConstraint(name: 'password_link_token', columns: ['token_hash'])]
class PasswordLinkRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 60, options: ['collation' => 'utf8mb4_bin'])] public string $username,
        #[ORM\Column(
            length: 64,
            options: [
                'fixed' => true,
                'charset' => 'ascii',
                'collation' => 'ascii_bin',
                'comment' => 'SHA-256 of what stands in the link',
            ],
        )]
        public string $tokenHash,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $endsAt,
    ) {
    }
}
