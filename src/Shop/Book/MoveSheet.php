<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Contributors;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Draft, reviewed by somebody else, published, withdrawn. Publishing withdraws what was published before it and flags open orders; what is due on its engines is worked out anew. */
final readonly class MoveSheet
{
    private const ALLOWED = ['draft' => ['reviewed'], 'reviewed' => ['draft', 'published'], 'published' => ['withdrawn'], 'withdrawn' => []];

    public function __construct(private Revisions $revisions, private SheetCheck $check, private Supersede $supersede, private MarkStale $stale, private AuditLog $audit, private Unit $unit, private ClockInterface $clock)
    {
    }

    /** @throws NotFound|Conflict|InvalidDocument if it can't go there from where it is, or is not complete */
    public function __invoke(string $id, int $revision, int $version, SheetStatus $to, string $reason, Account $by): Revision
    {
        return $this->unit->run(function () use ($id, $revision, $version, $to, $reason, $by): Revision {
            $current = $this->revisions->get($id, $revision);
            $from = $current->head->status;
            if (!\in_array($to->value, self::ALLOWED[$from->value], true)) {
                throw Conflict::sheetStatus($current->head->name(), $from->value, SheetStatus::Draft === $to ? 'taken back to a draft' : $to->value);
            }
            $sheet = $this->check->read($current->document);
            if (SheetStatus::Withdrawn !== $to && SheetStatus::Draft !== $to) {
                $this->check->complete($sheet);
            }
            $moved = $this->revisions->replace($id, $revision, $version, [...$current->document, 'status' => $to->value, ...$this->reviewer($current, $to, $by)], $this->clock->now());
            $this->audit->add(
                $by->username,
                'sheet.'.$to->value,
                Subject::sheet($id, $revision),
                ['reason' => $reason],
                Move::between($from->value, $to->value),
            );
            if (SheetStatus::Published === $to) {
                ($this->supersede)($moved, $by);
            }
            if (SheetStatus::Published === $to || SheetStatus::Published === $from) {
                ($this->stale)($moved->head->models);
            }

            return $moved;
        });
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotFound|Conflict if somebody reviews what is, in whole or in part, their own
     */
    private function reviewer(Revision $current, SheetStatus $to, Account $by): array
    {
        return match ($to) {
            SheetStatus::Reviewed => \in_array($by->name, $this->contributors($current), true) ? throw Conflict::ownReview($current->head->name()) : ['reviewer' => $by->name],
            SheetStatus::Draft => ['reviewer' => null],
            default => [],
        };
    }

    /**
     * @return list<string>
     *
     * @throws NotFound
     */
    private function contributors(Revision $current): array
    {
        $before = array_values(array_filter($this->revisions->of($current->head->id), static fn (RevisionLine $line): bool => $line->head->revision < $current->head->revision))[0] ?? null;

        return Contributors::of($current->document, null === $before ? null : $this->revisions->get($before->head->id, $before->head->revision)->document);
    }
}
