<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use Psr\Clock\ClockInterface;

/**
 * A sheet from a file. Whatever status it claims, it arrives as a draft of whoever takes it in, for somebody else to
 * review; only what this shop itself exported comes back as it went.
 */
final readonly class ImportSheet
{
    public function __construct(
        private Revisions $revisions,
        private SheetCheck $check,
        private Supersede $supersede,
        private AuditLog $audit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param array<mixed> $told as the file has it
     * @param bool         $ours whether this shop exported it, and nobody has changed it since
     *
     * @throws Conflict|InvalidDocument|NotFound
     */
    public function __invoke(array $told, bool $ours, Account $by): SheetArrived
    {
        $head = $this->check->read($told)->head;
        $document = $ours ? $told : [...$told, 'status' => SheetStatus::Draft->value, 'author' => $by->name, 'reviewer' => null];
        $current = $this->current($head);
        if (null === $current) {
            return new SheetArrived('new', $this->added($document, $by));
        }
        if (\in_array(SheetDocument::text($current->document), [SheetDocument::text($told), SheetDocument::text($document)], true)) {
            return new SheetArrived('same', $current);
        }
        if (SheetStatus::Draft !== $current->head->status) {
            throw Conflict::revisionExists($head->name());
        }

        return new SheetArrived('changed', $this->replaced($current, $document, $by));
    }

    /** @throws NotFound */
    private function current(SheetHead $head): ?Revision
    {
        $there = array_filter(
            $this->revisions->of($head->id),
            static fn (RevisionLine $line): bool => $line->head->revision === $head->revision,
        );

        return [] === $there ? null : $this->revisions->get($head->id, $head->revision);
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Conflict|NotFound
     */
    private function added(array $document, Account $by): Revision
    {
        $added = $this->revisions->add($document, $this->clock->now());
        $subject = Subject::sheet($added->head->id, $added->head->revision);
        $this->audit->add($by->username, 'sheet.imported', $subject, [], Move::into($added->head->status->value));
        if (SheetStatus::Published === $added->head->status) {
            ($this->supersede)($added, $by);
        }

        return $added;
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Conflict|NotFound
     */
    private function replaced(Revision $current, array $document, Account $by): Revision
    {
        $head = $current->head;
        $replaced = $this->revisions->replace($head->id, $head->revision, $current->version, $document, $this->clock->now());
        $move = Move::between($head->status->value, $replaced->head->status->value);
        $this->audit->add($by->username, 'sheet.imported', Subject::sheet($head->id, $head->revision), [], $move);

        return $replaced;
    }
}
