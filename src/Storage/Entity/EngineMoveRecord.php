<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Reading\Width;

/** Engines that changed their places together. */
#[ORM\Entity]
#[ORM\Table(name: 'engine_move')]
class EngineMoveRecord
{
    public function __construct(
        #[ORM\Column(type: Types::TEXT, options: ['comment' => 'each engine, where it hung before and after, as JSON'])] public string $engines,
        #[ORM\Column(length: 60)] public string $account,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE, options: ['comment' => 'UTC'])] public \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 60, nullable: true, options: ['comment' => 'who took it back; null: nobody'])] public ?string $takenBackBy = null,
        #[ORM\Column(length: Width::REASON, nullable: true)] public ?string $why = null,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
