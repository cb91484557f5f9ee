<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Storage\Entity\AuditRecord;
use Psr\Clock\ClockInterface;

final readonly class DoctrineAuditLog implements AuditLog
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    public function add(string $by, string $action, string $subject, array $detail = []): void
    {
        $this->entities->persist(new AuditRecord($this->clock->now(), $by, $action, $subject, Json::encode((object) $detail)));
    }
}
