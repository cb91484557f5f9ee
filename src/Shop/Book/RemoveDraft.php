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
use FreshTack\Shop\Unit;

/** Throws a draft away. What was ever published stays. */
final readonly class RemoveDraft
{
    public function __construct(private Revisions $revisions, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws NotFound|Conflict if it is no draft, or was changed since `$version` */
    public function __invoke(string $id, int $revision, int $version, Account $by): void
    {
        $this->unit->run(function () use ($id, $revision, $version, $by): true {
            $head = $this->revisions->get($id, $revision)->head;
            if (SheetStatus::Draft !== $head->status) {
                throw Conflict::sheetStatus($head->name(), $head->status->value, 'thrown away');
            }
            $this->revisions->remove($id, $revision, $version);
            $this->audit->add(
                $by->username,
                'sheet.thrown_away',
                Subject::sheet($id, $revision),
                [],
                Move::between($head->status->value, 'removed'),
            );

            return true;
        });
    }
}
