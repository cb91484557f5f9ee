<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** From which days on a task of an engine is soon, due and overdue. Never the state itself, so that nothing goes stale at midnight. */
#[ORM\Entity]
#[ORM\Table(name: 'due_line')]
class DueLineRecord
{
    public function __construct(
        #[ORM\Id, ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public EngineRecord $engine,
        #[ORM\Id, ORM\Column(length: 40)] public string $task,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $soonOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $dueOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)] public ?\DateTimeImmutable $overdueOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true, options: ['comment' => 'due, or probably due by the usual use'])] public ?\DateTimeImmutable $expectedOn,
        #[ORM\Column(options: ['comment' => 'never done: past its last day there is no record'])] public bool $unrecorded,
        #[ORM\Column(options: ['comment' => 'part of a longer task that is called for'])] public bool $listedElsewhere,
        #[ORM\Column(options: ['comment' => 'the expected day is a forecast'])] public bool $byUse,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'tenths of an hour on the meter at which it is due'])] public ?int $dueTenths,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'of its calendar entry: one more with every change'])] public int $sequence,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)] public \DateTimeImmutable $changedAt,
    ) {
    }
}
