<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'task_done')]
class TaskDoneRecord
{
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public EngineRecord $engine,
        #[ORM\Column(length: 40)] public string $task,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)] public \DateTimeImmutable $doneOn,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'tenths of an hour; null: no meter'])] public ?int $tenths,
        #[ORM\Column(length: 200)] public string $evidence,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
