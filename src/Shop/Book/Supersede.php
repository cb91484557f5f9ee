<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use Psr\Clock\ClockInterface;

/** What follows from a revision being published: the one before it is withdrawn, and open orders that froze its values are flagged. */
final readonly class Supersede
{
    public function __construct(private Revisions $revisions, private FlagOrders $flags, private AuditLog $audit, private ClockInterface $clock)
    {
    }

    /** @throws NotFound|Conflict */
    public function __invoke(Revision $published, Account $by): void
    {
        foreach ($this->revisions->of($published->head->id) as $line) {
            if (SheetStatus::Published === $line->head->status && $line->head->revision !== $published->head->revision) {
                $older = $this->revisions->get($line->head->id, $line->head->revision);
                $this->revisions->replace($line->head->id, $line->head->revision, $older->version, [...$older->document, 'status' => SheetStatus::Withdrawn->value], $this->clock->now());
                $this->audit->add(
                    $by->username,
                    'sheet.superseded',
                    Subject::sheet($line->head->id, $line->head->revision),
                    ['by' => $published->head->name()],
                    Move::between('published', 'withdrawn'),
                );
            }
        }
        ($this->flags)($published, $by);
    }
}
