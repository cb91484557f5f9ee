<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** A small book of an invented maker to begin with: one model, its sheet, and the pages that explain them. */
final readonly class BookExample
{
    private const FILES = ['models.json', 'sheets/orrisdale-a2.json'];

    public function __construct(private string $projectDir)
    {
    }

    /** The zip; it can be taken in as it is. */
    public function archive(): string
    {
        $files = [];
        foreach (self::FILES as $name) {
            $files[$name] = $this->text('docs/examples/book/'.$name);
        }
        foreach (BookArchive::PAGES as $name) {
            $files[$name] = $this->text('docs/formats/'.$name);
        }

        return BookArchive::write($files);
    }

    private function text(string $name): string
    {
        $text = file_get_contents($this->projectDir.'/'.$name);

        return \is_string($text) ? $text : throw new \RuntimeException(\sprintf('The program\'s own %s can\'t be read.', $name));
    }
}
