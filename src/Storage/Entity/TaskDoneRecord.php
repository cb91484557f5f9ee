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
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'tenths of an hour, the true total; null: no meter'])] public ?int $tenths,
        #[ORM\Column(length: 200)] public string $evidence,
        #[ORM\Column(length: 10, options: ['default' => 'renew'])] public string $action,
        #[ORM\Column(options: ['default' => false])] public bool $elsewhere,
        #[ORM\Column(length: 40, options: ['default' => ''])] public string $enteredBy,
        #[ORM\Column(
            length: 64,
            options: ['charset' => 'ascii', 'collation' => 'ascii_bin', 'comment' => 'HMAC over this and the seal before it'],
        )]
        public string $seal,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
    ) {
    }
}
