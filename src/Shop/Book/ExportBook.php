<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\ModelReader;
use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\SheetDocument;

/** The whole book as one zip: taking it in again changes nothing, and a shop that lost it gets it back as it was. */
final readonly class ExportBook
{
    public function __construct(private SpecBook $book, private BookLibrary $library, private OwnExport $export)
    {
    }

    public function __invoke(): string
    {
        $files = ['models.json' => Json::pretty(['format' => ModelReader::FORMAT, 'models' => array_map(static fn (EngineModel $model): array => ['code' => $model->code, 'maker' => $model->maker, 'cycle' => $model->cycle->value, 'serialPrefixes' => $model->serialPrefixes, 'serialDigits' => $model->serialDigits], $this->book->models())])."\n"];
        foreach ($this->library->sheets() as $document) {
            $files[\sprintf('sheets/%s.r%d.json', \is_string($document['id'] ?? null) ? $document['id'] : '', \is_int($document['revision'] ?? null) ? $document['revision'] : 0)] = SheetDocument::text($document);
        }
        foreach ($this->library->procedures() as $id => $text) {
            $files["procedures/$id.json"] = $text;
        }

        return BookArchive::write([...$files, OwnExport::FILE => $this->export->sign($files)]);
    }
}
