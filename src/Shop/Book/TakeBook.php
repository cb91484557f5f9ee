<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;

/** Takes the files of a book, or one sheet, each into its place. Nothing of it is kept unless whoever calls keeps it. */
final readonly class TakeBook
{
    public function __construct(
        private ImportModels $models,
        private ImportSheet $sheet,
        private ImportProcedures $procedures,
        private OwnExport $export,
        private TellArrival $tell,
        private Progress $progress,
    ) {
    }

    /**
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound with every flaw, each naming its file
     */
    public function __invoke(string $bytes, string $token, Account $by): array
    {
        $files = BookArchive::isZip($bytes) ? BookArchive::read($bytes)->files : ['' => $bytes];
        if (isset($files['']) && \strlen($bytes) > BookArchive::LARGEST_FILE) {
            throw InvalidDocument::at('', 'This is larger than a sheet can be. Nothing was read.');
        }
        $flaws = new Flaws();
        $changes = $this->models->take($files['models.json'] ?? null, $by, $flaws);
        $sheets = array_filter(
            $files,
            static fn (string $name): bool => '' === $name || str_starts_with($name, 'sheets/'),
            \ARRAY_FILTER_USE_KEY,
        );
        $ours = $this->export->ours($files);
        $done = 0;
        foreach ($this->familiesFirst($sheets, $flaws) as $name => $document) {
            $change = $this->guarded($name, $flaws, fn (): BookChange => $this->sheet($document, \in_array($name, $ours, true), $by));
            $changes = [...$changes, ...(null === $change ? [] : [$change])];
            $this->progress->tell($token, ++$done, \count($sheets));
        }
        $procedures = array_filter($files, static fn (string $name): bool => str_starts_with($name, 'procedures/'), \ARRAY_FILTER_USE_KEY);
        $taken = [];
        foreach ($procedures as $name => $text) {
            $change = $this->guarded($name, $flaws, fn (): BookChange => $this->procedures->take($text, $by));
            $changes = [...$changes, ...(null === $change ? [] : [$change])];
            $taken = null === $change || 'same' === $change->kind ? $taken : [...$taken, $name => $text];
        }
        $flaws->throwIfAny();
        if ([] !== $taken) {
            $this->guarded(array_key_first($taken), $flaws, function () use ($taken): true {
                $this->procedures->plan(array_values($taken));

                return true;
            });
            $flaws->throwIfAny();
        }

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
            $decoded = $this->guarded($name, $flaws, static fn (): mixed => Json::read($text));
            if (\is_array($decoded)) {
                $documents[$name] = $decoded;
            } elseif (null !== $decoded) {
                $flaws->add('' === $name ? '' : '/'.$name, 'This holds no sheet.');
            }
        }
        $turn = static fn (array $sheet): array => [true !== ($sheet['family'] ?? false), $sheet['id'] ?? '', $sheet['revision'] ?? 0];
        uasort($documents, static fn (array $a, array $b): int => $turn($a) <=> $turn($b));

        return $documents;
    }

    /**
     * @param array<mixed> $told
     *
     * @throws Conflict|InvalidDocument|NotFound
     */
    private function sheet(array $told, bool $ours, Account $by): BookChange
    {
        $arrived = ($this->sheet)($told, $ours, $by);
        $head = $arrived->revision->head;
        if ('same' === $arrived->kind) {
            return new BookChange($head->name(), 'same');
        }

        return new BookChange($head->name(), $arrived->kind, ($this->tell)($arrived->revision, $told));
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
                $flaws->add($at.$flaw->pointer, $flaw->message);
            }
        } catch (Conflict|NotFound $error) {
            $flaws->add($at, $error->getMessage());
        }

        return null;
    }
}
