<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Takes a proposed value into the sheet's draft, which is started if there is none, or turns it down. */
final readonly class SettleProposal
{
    public function __construct(private Proposals $proposals, private Revisions $revisions, private StartSheet $start, private EditSheet $edit, private AuditLog $audit, private Unit $unit, private ClockInterface $clock)
    {
    }

    /**
     * @return Revision the draft that now has it
     *
     * @throws NotFound|Conflict|InvalidDocument
     */
    public function take(int $id, Account $by): Revision
    {
        return $this->unit->run(function () use ($id, $by): Revision {
            $proposal = $this->proposals->getToDecide($id);
            $newest = $this->revisions->of($proposal->sheetId)[0] ?? throw NotFound::named('sheet', $proposal->sheetId);
            $draft = SheetStatus::Draft === $newest->head->status ? $this->revisions->get($newest->head->id, $newest->head->revision) : $this->start->revision($proposal->sheetId, $by);
            $key = 'proposal-'.$proposal->id;
            $change = SheetChange::at(Cursor::over([
                'values' => [$proposal->field->value => [...$proposal->content, 'source' => $key, 'page' => $proposal->page]],
                'sources' => [$key => ['document' => $proposal->document, 'revision' => $proposal->documentRevision]],
            ]));
            $changed = ($this->edit)($draft->head->id, $draft->head->revision, $draft->version, $change, $by);
            $this->settled($proposal, 'taken', $by);

            return $changed;
        });
    }

    /** @throws NotFound|Conflict */
    public function turnDown(int $id, Account $by): void
    {
        $this->unit->run(function () use ($id, $by): true {
            $proposal = $this->proposals->getToDecide($id);
            $this->settled($proposal, 'turned_down', $by);

            return true;
        });
    }

    /** @throws NotFound */
    private function settled(Proposal $proposal, string $outcome, Account $by): void
    {
        $this->proposals->settle($proposal->id, $outcome, $by->name, $this->clock->now());
        $detail = ['sheet' => $proposal->sheetId, 'path' => $proposal->field->value];
        $this->audit->add(
            $by->username,
            'proposal.'.$outcome,
            Subject::proposal($proposal->id),
            $detail,
            Move::between('waiting', $outcome),
        );
    }
}
