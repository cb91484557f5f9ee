<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'calendar_feed')]
class CalendarFeedRecord
{
    /** In place of a boat. */
    public const SHOP = 0;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 43, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])] public string $token,
        #[ORM\Column(unique: true, options: ['unsigned' => true, 'comment' => '0: all of the shop'])] public int $boatId,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $madeAt,
    ) {
    }
}
