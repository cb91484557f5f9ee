<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

/** An engine whose days have to be worked out anew. */
#[ORM\Entity]
#[ORM\Table(name: 'due_stale')]
class DueStaleRecord
{
    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public EngineRecord $engine,
    ) {
    }
}
