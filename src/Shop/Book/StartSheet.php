<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Starts a draft: the next revision of a sheet, or a new sheet, empty or with another's values, then all without a source. */
final readonly class StartSheet
{
    public function __construct(private Revisions $revisions, private SheetCheck $check, private AuditLog $audit, private Unit $unit, private ClockInterface $clock)
    {
    }

    /** @throws NotFound|Conflict if there is no such sheet, or its newest revision is still a draft or under review */
    public function revision(string $id, Account $by): Revision
    {
        return $this->unit->run(fn (): Revision => $this->next($id, $by));
    }

    /** @throws NotFound|Conflict */
    private function next(string $id, Account $by): Revision
    {
        $newest = $this->revisions->of($id)[0] ?? throw NotFound::named('sheet', $id);
        if (\in_array($newest->head->status, [SheetStatus::Draft, SheetStatus::Reviewed], true)) {
            throw Conflict::sheetStatus($newest->head->name(), $newest->head->status->value, 'followed by another yet; finish it first');
        }
        $document = $this->revisions->get($id, $newest->head->revision)->document;

        return $this->add([...$document, 'revision' => $newest->head->revision + 1, 'status' => SheetStatus::Draft->value, 'author' => $by->name, 'reviewer' => null, 'note' => null], $by);
    }

    /** @throws NotFound|Conflict|InvalidDocument if the name is taken, or the engines can't be right */
    public function sheet(NewSheet $new, Account $by): Revision
    {
        return $this->unit->run(fn (): Revision => $this->begin($new, $by));
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    private function begin(NewSheet $new, Account $by): Revision
    {
        if ([] !== $this->revisions->of($new->id)) {
            throw InvalidDocument::at('/id', \sprintf('There is a sheet %s already. Start a revision of it, or choose another name.', $new->id));
        }
        $copied = null === $new->copyOf ? [] : $this->revisions->get($new->copyOf->sheet, $new->copyOf->revision)->document;
        $document = [
            'format' => SheetReader::FORMAT,
            'id' => $new->id,
            'revision' => 1,
            'status' => SheetStatus::Draft->value,
            'author' => $by->name,
            'reviewer' => null,
            ...($new->family ? ['family' => true] : ['base' => null === $new->base ? $copied['base'] ?? null : ['sheet' => $new->base->sheet, 'revision' => $new->base->revision]]),
            'appliesTo' => $new->appliesTo,
            'sources' => [],
            'values' => $this->unsourced($copied),
        ];
        $this->check->read($document);

        return $this->add($document, $by);
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Conflict
     */
    private function add(array $document, Account $by): Revision
    {
        $revision = $this->revisions->add($document, $this->clock->now());
        $this->audit->add(
            $by->username,
            'sheet.started',
            Subject::sheet($revision->head->id, $revision->head->revision),
            [],
            Move::into('draft'),
        );

        return $revision;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function unsourced(array $document): array
    {
        $values = \is_array($document['values'] ?? null) ? $document['values'] : [];

        return array_map(static fn (array $value): array => [...array_diff_key($value, ['by' => 0, 'on' => 0]), 'source' => null, 'page' => null], array_filter($values, \is_array(...)));
    }
}
