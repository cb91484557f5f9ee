<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\Inheritance;
use FreshTack\Core\SpecBook\ModelReader;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Core\SpecBook\SheetReader;

/** A spec book as a folder of files: `models.json`, `sheets/*.json`, `procedures/*.json`; without the last, the program's. */
final readonly class BookFolder
{
    private function __construct(private string $folder, private string $program)
    {
    }

    /** @param string $program the folder of the program, for the procedures that a book does not bring */
    public static function at(string $folder, string $program): self
    {
        return new self(rtrim($folder, '/'), $program);
    }

    /**
     * Puts the sheets and procedures that a request lacks into it.
     *
     * @param array<mixed> $request
     *
     * @return array<mixed>
     *
     * @throws InvalidDocument if the book can't be read, or refuses an engine
     */
    public function complete(array $request): array
    {
        $request['procedures'] ??= array_map(self::document(...), $this->procedures());
        $engines = \is_array($request['engines'] ?? null) ? $request['engines'] : [];
        foreach ($engines as $index => $engine) {
            if (\is_array($engine) && !isset($engine['sheet'])) {
                $engines[$index] = [...$engine, 'sheet' => $this->sheetFor(Cursor::over($engine), "/engines/$index")];
            }
        }

        return [...$request, 'engines' => $engines];
    }

    /** @throws InvalidDocument if the book can't be read */
    public function find(Plate $plate): SheetMatch
    {
        return $this->match($plate, $this->documents())[0];
    }

    /**
     * @return array<mixed>
     *
     * @throws InvalidDocument
     */
    private function sheetFor(Cursor $engine, string $pointer): array
    {
        $plate = new Plate($engine->at('model')->string(20), $engine->at('serial')->string(30));
        $engine->flaws->throwIfAny();
        $documents = $this->documents();
        [$match, $place] = $this->match($plate, $documents);
        if (null === $place) {
            throw InvalidDocument::at($pointer, ($match->refusal->message ?? '').' '.($match->refusal->remedy ?? ''));
        }
        $base = SheetReader::read($documents[$place])->base;
        $family = null === $base ? [] : array_values(array_filter($documents, static fn (array $document): bool => $base->sheet === ($document['id'] ?? null) && $base->revision === ($document['revision'] ?? null)));
        if (null !== $base && [] === $family) {
            throw InvalidDocument::at($pointer, \sprintf('The book has no %s, on which the sheet builds.', $base->name()));
        }

        return [] === $family ? $documents[$place] : Inheritance::flatten($documents[$place], $family[0]);
    }

    /**
     * @param list<array<mixed>> $documents
     *
     * @return array{SheetMatch, int|null} the match, and where its document stands
     *
     * @throws InvalidDocument
     */
    private function match(Plate $plate, array $documents): array
    {
        $heads = array_map(static fn (array $document): SheetHead => SheetReader::read($document)->head, $documents);
        $match = (new SheetFinder())->find($plate, $this->model($plate->model), $heads);
        $place = null === $match->head ? false : array_search($match->head, $heads, true);

        return [$match, \is_int($place) ? $place : null];
    }

    /**
     * @return list<array<mixed>>
     *
     * @throws InvalidDocument
     */
    private function documents(): array
    {
        return array_map(self::document(...), $this->files('sheets'));
    }

    /** @throws InvalidDocument */
    private function model(string $code): ?EngineModel
    {
        $cursor = Cursor::over(self::document($this->folder.'/models.json'));
        $models = ModelReader::all($cursor);
        $cursor->flaws->throwIfAny();

        return array_values(array_filter($models, static fn (EngineModel $model): bool => $code === $model->code))[0] ?? null;
    }

    /** @return list<string> */
    private function procedures(): array
    {
        $own = $this->files('procedures');

        return [] === $own ? self::at($this->program, $this->program)->files('procedures') : $own;
    }

    /** @return list<string> */
    private function files(string $kind): array
    {
        $files = glob($this->folder."/$kind/*.json");

        return false === $files ? [] : $files;
    }

    /**
     * @return array<mixed>
     *
     * @throws InvalidDocument
     */
    private static function document(string $file): array
    {
        $text = is_file($file) ? file_get_contents($file) : false;
        $decoded = false === $text ? throw InvalidDocument::at('', \sprintf('The book has no file %s.', $file)) : Json::read($text);

        return \is_array($decoded) ? $decoded : throw InvalidDocument::at('', \sprintf('%s holds no object.', $file));
    }
}
