<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\Chains;
use FreshTack\Storage\Chain\Links;
use FreshTack\Storage\Chain\TrailRow;
use Psr\Clock\ClockInterface;

/**
 * Lines are written at the end of the unit of work, by subject, so that all who write lock the ends of the chains in
 * the same order.
 */
final class DoctrineAuditLog implements AuditLog
{
    /** @var list<array{Subject, TrailRow}> */
    private array $waiting = [];

    public function __construct(
        private readonly Connection $connection,
        private readonly Chains $chains,
        private readonly ClockInterface $clock,
    ) {
    }

    public function add(string $by, string $action, Subject $subject, array $detail = [], ?Move $move = null): void
    {
        $this->connection->isTransactionActive() || throw new \LogicException('Nothing is written to the trail outside of a unit of work.');
        $this->waiting[] = [
            $subject,
            new TrailRow($this->clock->now(), $by, $action, $subject->name(), Json::encode((object) $detail), $move),
        ];
    }

    public function write(): void
    {
        $waiting = $this->waiting;
        $this->waiting = [];
        usort($waiting, static fn (array $a, array $b): int => strcmp($a[1]->subject, $b[1]->subject));
        foreach ($waiting as [$subject, $row]) {
            $this->chains->insert('audit_entry', ChainName::ofTrail($subject), Links::TRAIL, $row->columns());
        }
    }

    public function length(): int
    {
        return \count($this->waiting);
    }

    /** What was written after the first `$kept` lines came to nothing. */
    public function forget(int $kept = 0): void
    {
        array_splice($this->waiting, $kept);
    }
}
