<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetReader;

/** A spec book as a folder of files: `models.json`, `sheets/*.json`, `procedures/*.json`. */
final readonly class BookFolder
{
    private function __construct(private string $folder)
    {
    }

    public static function at(string $folder): self
    {
        return new self(rtrim($folder, '/'));
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
        $request['procedures'] ??= array_map(self::document(...), $this->files('procedures'));
        $engines = \is_array($request['engines'] ?? null) ? $request['engines'] : [];
        foreach ($engines as $index => $engine) {
            if (\is_array($engine) && !isset($engine['sheet'])) {
                $engines[$index] = [...$engine, 'sheet' => $this->sheetFor(Cursor::over($engine), "/engines/$index")];
            }
        }

        return [...$request, 'engines' => $engines];
    }

    /**
     * @return array<mixed>
     *
     * @throws InvalidDocument
     */
    private function sheetFor(Cursor $engine, string $pointer): array
    {
        [$model, $serial] = [$engine->at('model')->string(20), $engine->at('serial')->string(30)];
        $engine->flaws->throwIfAny();
        $documents = array_map(self::document(...), $this->files('sheets'));
        $heads = array_map(static fn (array $document): SheetHead => SheetReader::read($document)->head, $documents);
        $match = (new SheetFinder())->find($model, $serial, $this->model($model), $heads);
        foreach ($heads as $index => $head) {
            if ($head === $match->head) {
                return $documents[$index];
            }
        }

        throw InvalidDocument::at($pointer, ($match->refusal->message ?? '').' '.($match->refusal->remedy ?? ''));
    }

    /** @throws InvalidDocument */
    private function model(string $code): ?EngineModel
    {
        $models = Cursor::over(self::document($this->folder.'/models.json'));
        foreach ($models->at('models')->list() as $model) {
            if ($code === $model->at('code')->raw()) {
                $prefixes = $model->at('serialPrefixes')->strings();
                $read = new EngineModel($code, $model->at('maker')->string(), $model->at('cycle')->enum(Cycle::class), [] === $prefixes ? [''] : $prefixes, $model->at('serialDigits')->int(1, 9));
                $models->flaws->throwIfAny();

                return $read;
            }
        }

        return null;
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
        $decoded = false === $text ? throw InvalidDocument::at('', \sprintf('The book has no file %s.', $file)) : Json::decode($text);

        return \is_array($decoded) ? $decoded : throw InvalidDocument::at('', \sprintf('%s holds no object.', $file));
    }
}
