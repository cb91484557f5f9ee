<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * Takes one sheet, or the zip of a book: all of it or nothing. What the book has already, byte for byte, is left
 * alone; a draft is replaced; any other revision of the same number with other content is refused.
 */
final readonly class ImportBook
{
    public function __construct(
        private Revisions $revisions,
        private SheetCheck $check,
        private ImportModels $models,
        private ImportProcedures $procedures,
        private Supersede $supersede,
        private MarkStale $stale,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
        private Progress $progress,
    ) {
    }

    /**
     * What would change.
     *
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound with every flaw, each naming its file
     */
    public function preview(string $bytes, Account $by): array
    {
        return $this->unit->trial(fn (): array => $this->take($bytes, '', $by));
    }

    /**
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound with every flaw; nothing is written then
     */
    public function apply(string $bytes, string $token, Account $by): array
    {
        return $this->unit->run(function () use ($bytes, $token, $by): array {
            $changes = $this->take($bytes, $token, $by);
            if ([] !== array_filter($changes, static fn (BookChange $change): bool => 'same' !== $change->kind)) {
                ($this->stale)(null);
            }
            $this->audit->add($by->username, 'book.imported', Subject::book(), ['changes' => \count(array_filter($changes, static fn (BookChange $change): bool => 'same' !== $change->kind))]);

            return $changes;
        });
    }

    /**
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound
     */
    private function take(string $bytes, string $token, Account $by): array
    {
        $files = BookArchive::isZip($bytes) ? BookArchive::read($bytes)->files : ['' => $bytes];
        $flaws = new Flaws();
        $changes = $this->models->take($files['models.json'] ?? null, $flaws);
        $sheets = array_filter($files, static fn (string $name): bool => '' === $name || str_starts_with($name, 'sheets/'), \ARRAY_FILTER_USE_KEY);
        $done = 0;
        foreach ($this->familiesFirst($sheets, $flaws) as $name => $document) {
            $change = $this->guarded($name, $flaws, fn (): BookChange => $this->sheet($document, $by));
            $changes = [...$changes, ...(null === $change ? [] : [$change])];
            $this->progress->tell($token, ++$done, \count($sheets));
        }
        foreach (array_filter($files, static fn (string $name): bool => str_starts_with($name, 'procedures/'), \ARRAY_FILTER_USE_KEY) as $name => $text) {
            $change = $this->guarded($name, $flaws, fn (): BookChange => $this->procedures->take($text));
            $changes = [...$changes, ...(null === $change ? [] : [$change])];
        }
        $flaws->throwIfAny();

        return $changes;
    }

    /**
     * @param array<string, string> $texts
     *
     * @return array<string, array<mixed>> documents by file, families before those that name them, older revisions before newer
     */
    private function familiesFirst(array $texts, Flaws $flaws): array
    {
        $documents = [];
        foreach ($texts as $name => $text) {
            $decoded = $this->guarded($name, $flaws, static fn (): mixed => Json::decode($text));
            if (\is_array($decoded)) {
                $documents[$name] = $decoded;
            } elseif (null !== $decoded) {
                $flaws->add('' === $name ? '' : '/'.$name, 'This holds no sheet.');
            }
        }
        uasort($documents, static fn (array $a, array $b): int => [true !== ($a['family'] ?? false), $a['id'] ?? '', $a['revision'] ?? 0] <=> [true !== ($b['family'] ?? false), $b['id'] ?? '', $b['revision'] ?? 0]);

        return $documents;
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Conflict|InvalidDocument|NotFound
     */
    private function sheet(array $document, Account $by): BookChange
    {
        $head = $this->check->read($document)->head;
        $there = array_values(array_filter($this->revisions->of($head->id), static fn (RevisionLine $line): bool => $line->head->revision === $head->revision));
        if ([] === $there) {
            $added = $this->revisions->add($document, $this->clock->now());
            $this->audit->add($by->username, 'sheet.imported', Subject::sheet($head->id, $head->revision), [], Move::into($head->status->value));
            if (SheetStatus::Published === $head->status) {
                ($this->supersede)($added, $by);
            }

            return new BookChange($head->name(), 'new');
        }
        $current = $this->revisions->get($head->id, $head->revision);
        if (SheetDocument::text($current->document) === SheetDocument::text($document)) {
            return new BookChange($head->name(), 'same');
        }
        if (SheetStatus::Draft !== $current->head->status || SheetStatus::Draft !== $head->status) {
            throw Conflict::revisionExists($head->name());
        }
        $this->revisions->replace($head->id, $head->revision, $current->version, $document, $this->clock->now());
        $this->audit->add($by->username, 'sheet.imported', Subject::sheet($head->id, $head->revision), [], Move::between('draft', 'draft'));

        return new BookChange($head->name(), 'changed');
    }

    /**
     * Runs `$work`; its flaws are noted under the file's name, and null comes back.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T|null
     */
    private function guarded(string $name, Flaws $flaws, \Closure $work): mixed
    {
        $at = '' === $name ? '' : '/'.$name;

        try {
            return $work();
        } catch (InvalidDocument $error) {
            foreach ($error->flaws as $flaw) {
                $flaws->add($at.$flaw->pointer, ('' === $name ? '' : $name.': ').$flaw->message);
            }
        } catch (Conflict|NotFound $error) {
            $flaws->add($at, ('' === $name ? '' : $name.': ').$error->getMessage());
        }

        return null;
    }
}
