<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Changes values of a draft. Whoever changed something last counts as its author; whoever entered a value can't review it. */
final readonly class EditSheet
{
    public function __construct(private Revisions $revisions, private SheetCheck $check, private AuditLog $audit, private Unit $unit, private ClockInterface $clock, private Today $today)
    {
    }

    /** @throws NotFound|Conflict|InvalidDocument if it is no draft, changed since `$version`, or a value can't be right */
    public function __invoke(string $id, int $revision, int $version, SheetChange $change, Account $by): Revision
    {
        return $this->unit->run(function () use ($id, $revision, $version, $change, $by): Revision {
            $current = $this->revisions->get($id, $revision);
            if (SheetStatus::Draft !== $current->head->status) {
                throw Conflict::sheetStatus($current->head->name(), $current->head->status->value, 'changed; start a new revision');
            }
            $document = [...$change->into($current->document, $by->name, ($this->today)()), 'author' => $by->name, 'reviewer' => null];
            $this->check->read($document);
            $this->audit->add($by->username, 'sheet.edited', Subject::sheet($id, $revision), ['values' => array_keys($change->values)]);

            return $this->revisions->replace($id, $revision, $version, $document, $this->clock->now());
        });
    }
}
