<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\InvalidDocument;

/**
 * A spec book as a zip of the files of a book folder: `models.json`, `sheets/*.json`, `procedures/*.json`, and in
 * `signatures.json` what shows that this shop exported them. Reading never writes a file: entries are taken into memory
 * one by one, within limits, and a name of any other shape is refused; what comes with the example beside its book is left out.
 */
final readonly class BookArchive
{
    private const NAME = '#^(models|signatures|sheets/[a-z0-9][a-z0-9-]*(\.r\d{1,4})?|procedures/[a-z0-9][a-z0-9-]*)\.json$#';
    private const NAMES = 'models.json, signatures.json, sheets/NAME.json and procedures/NAME.json';
    /** What comes with the example beside its book. */
    private const BESIDE = ['parts.csv', 'spec-sheet.md', 'spec-sheet.schema.json'];
    private const MOST_FILES = 20_000;
    public const LARGEST_FILE = 2_000_000;
    private const LARGEST_ALL = 100_000_000;

    /** @param array<string, string> $files texts by name */
    private function __construct(public array $files)
    {
    }

    public static function isZip(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04") || str_starts_with($bytes, "PK\x05\x06");
    }

    /** @throws InvalidDocument if it is no zip, holds a file of another name, or is larger unpacked than a book can be */
    public static function read(string $bytes): self
    {
        $path = tempnam(sys_get_temp_dir(), 'book');
        if (false === $path || false === file_put_contents($path, $bytes)) {
            throw new \RuntimeException('The archive could not be kept for reading.');
        }
        $zip = new \ZipArchive();

        try {
            if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
                throw InvalidDocument::at('', 'This is no zip archive that can be read. Export the book again and send that file as it is.');
            }
            $files = self::unpack($zip);
            $zip->close();

            return new self($files);
        } finally {
            unlink($path);
        }
    }

    /** @param array<string, string> $files texts by name */
    public static function write(array $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'book');
        $zip = new \ZipArchive();
        if (false === $path || true !== $zip->open($path, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('The archive could not be written.');
        }
        ksort($files);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
            $zip->setMtimeName($name, 315_532_800);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /**
     * @return array<string, string>
     *
     * @throws InvalidDocument
     */
    private static function unpack(\ZipArchive $zip): array
    {
        if ($zip->numFiles > self::MOST_FILES) {
            throw InvalidDocument::at('', \sprintf('This archive holds %d files; a book has at most %d.', $zip->numFiles, self::MOST_FILES));
        }
        $files = [];
        $all = 0;
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $entry = $zip->statIndex($index);
            $name = \is_array($entry) ? $entry['name'] : '';
            $size = \is_array($entry) ? $entry['size'] : 0;
            if (\in_array($name, ['sheets/', 'procedures/', ...self::BESIDE], true)) {
                continue;
            }
            self::checkName($name);
            $all += $size;
            if ($size > self::LARGEST_FILE || $all > self::LARGEST_ALL) {
                throw InvalidDocument::at('/'.$name, 'This is larger unpacked than a sheet can be. Nothing was read.');
            }
            $files[$name] = 0 === $size ? '' : (string) $zip->getFromIndex($index, $size);
        }

        return $files;
    }

    /** @throws InvalidDocument */
    private static function checkName(string $name): void
    {
        if (str_contains($name, '..') || str_starts_with($name, '/') || str_contains($name, '\\') || str_contains($name, ':')) {
            throw InvalidDocument::at('', \sprintf('The archive names a path outside itself ("%s"). Nothing was read from it.', $name));
        }
        if (1 !== preg_match(self::NAME, $name)) {
            throw InvalidDocument::at('', \sprintf('The archive holds "%s", which belongs to no book: only '.self::NAMES.' do.', $name));
        }
    }
}
