<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** Knows again what this shop exported, byte for byte. */
interface OwnExport
{
    public const FILE = 'signatures.json';

    /**
     * @param array<string, string> $files texts by name
     *
     * @return string what goes with them as `signatures.json`
     */
    public function sign(array $files): string;

    /**
     * @param array<string, string> $files texts by name, with the signatures among them
     *
     * @return list<string> names of those that are as this shop exported them
     */
    public function ours(array $files): array;
}
