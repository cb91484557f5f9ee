<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** The procedures that ship with the program: `procedures/*.json`. */
final readonly class ProcedureFolder
{
    /** It belongs to every visit, and stands before all tasks. */
    private const FIRST = 'visit';

    public function __construct(private string $projectDir)
    {
    }

    /** @return array<string, string> texts by id, in their order */
    public function texts(): array
    {
        $files = glob($this->projectDir.'/procedures/*.json');
        $texts = [];
        foreach (false === $files ? [] : $files as $file) {
            $texts[basename($file, '.json')] = (string) file_get_contents($file);
        }
        ksort($texts, \SORT_STRING);

        return [self::FIRST => $texts[self::FIRST] ?? '', ...array_diff_key($texts, [self::FIRST => ''])];
    }
}
