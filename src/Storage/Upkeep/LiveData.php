<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * The shop's data, apart from what can be made again: a folder in `generations`, named after its database, with the
 * files that people and devices put there. `live` links to the one that is the shop's; `outbox` and `reader` link into it.
 */
final readonly class LiveData
{
    public const FOLDERS = ['outbox', 'reader'];

    public function __construct(private string $dataDir)
    {
    }

    /** Makes the first generation, of what lay in the data folder before there were any. Can be done again after any interruption. */
    public function begin(string $database): void
    {
        if (!is_link($this->dataDir.'/live')) {
            $this->make($database);
            KillPoint::reached('live.made');
            $this->switchTo($database);
        }
        foreach (self::FOLDERS as $name) {
            $here = "$this->dataDir/$name";
            if (is_dir($here) && !is_link($here)) {
                Command::of(['cp', '-an', "$here/.", "$this->dataDir/live/$name/"])->run();
                KillPoint::reached('live.copied');
                Command::of(['rm', '-rf', $here])->run();
            }
            is_link($here) || symlink("live/$name", $here);
        }
    }

    /** @return string the new generation's folder */
    public function make(string $database): string
    {
        $folder = "$this->dataDir/generations/$database";
        foreach (self::FOLDERS as $name) {
            is_dir("$folder/$name") || @mkdir("$folder/$name", 0o700, true) || throw UpkeepFailed::unwritten($folder);
        }

        return $folder;
    }

    public function switchTo(string $database): void
    {
        $new = "$this->dataDir/live.new";
        @unlink($new);
        symlink("generations/$database", $new) && rename($new, "$this->dataDir/live") || throw UpkeepFailed::unwritten($new);
        Command::of(['sync', $this->dataDir])->run();
    }

    public function folder(): string
    {
        return "$this->dataDir/generations/".basename((string) readlink("$this->dataDir/live"));
    }

    /** Removes all generations but the live one. */
    public function forgetOthers(): void
    {
        $folders = glob("$this->dataDir/generations/*", \GLOB_ONLYDIR);
        foreach (array_filter(false === $folders ? [] : $folders, fn (string $folder): bool => $folder !== $this->folder()) as $folder) {
            Command::of(['rm', '-rf', $folder])->run();
        }
    }
}
