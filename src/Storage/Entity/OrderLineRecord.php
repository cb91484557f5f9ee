<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'work_order_line')]
class OrderLineRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(referencedColumnName: 'number', nullable: false, onDelete: 'CASCADE')] public OrderRecord $workOrder,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public EngineRecord $engine,
        #[ORM\Column(length: 40)] public string $task,
        #[ORM\Column(length: 20)] public string $status,
        #[ORM\Column(length: 500)] public string $reason,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
