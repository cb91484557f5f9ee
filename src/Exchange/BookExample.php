<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** A small book of an invented maker to begin with: one model, its sheet, its parts, and the pages that explain them. */
final readonly class BookExample
{
    /** Where each file of the zip stands. */
    private const FILES = [
        'models.json' => 'docs/examples/book/models.json',
        'parts.csv' => 'docs/examples/book/parts.csv',
        'sheets/orrisdale-a2.json' => 'docs/examples/book/sheets/orrisdale-a2.json',
        'spec-sheet.md' => 'docs/formats/spec-sheet.md',
        'spec-sheet.schema.json' => 'docs/formats/spec-sheet.schema.json',
    ];

    public function __construct(private string $projectDir)
    {
    }

    /** The zip; it can be taken in as it is once its parts are in the catalogue. */
    public function archive(): string
    {
        return BookArchive::write(array_map($this->text(...), self::FILES));
    }

    private function text(string $name): string
    {
        $text = file_get_contents($this->projectDir.'/'.$name);

        return \is_string($text) ? $text : throw new \RuntimeException(\sprintf('The program\'s own %s can\'t be read.', $name));
    }
}
