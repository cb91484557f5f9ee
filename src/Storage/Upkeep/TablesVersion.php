<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * Of which version the tables are: a small file, written when they were brought up to date, since the application's account
 * can't read the list of migrations.
 */
final readonly class TablesVersion
{
    public function __construct(private string $dataDir, private string $projectDir)
    {
    }

    public function keep(): void
    {
        false !== @file_put_contents($this->file(), $this->newest()) || throw new UpkeepFailed($this->dataDir.' can\'t be written');
    }

    /** Whether they are those of this version of the program. */
    public function isThis(): bool
    {
        return @file_get_contents($this->file()) === $this->newest();
    }

    private function newest(): string
    {
        $files = glob($this->projectDir.'/migrations/Version*.php');

        return basename(max([] === $files || false === $files ? [''] : $files), '.php');
    }

    private function file(): string
    {
        return $this->dataDir.'/tables';
    }
}
