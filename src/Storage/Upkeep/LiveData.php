<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * The shop's data, apart from what can be made again: a folder in `generations` with the name of its database and the
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
            $this->make('first', $database);
            KillPoint::reached('live.made');
            $this->switchTo('first');
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
    public function make(string $generation, string $database): string
    {
        $folder = "$this->dataDir/generations/$generation";
        foreach (self::FOLDERS as $name) {
            is_dir("$folder/$name") || mkdir("$folder/$name", 0o700, true);
        }
        file_put_contents("$folder/database", $database) === \strlen($database) || throw new UpkeepFailed("$folder can't be written: is the disk full?");

        return $folder;
    }

    public function switchTo(string $generation): void
    {
        $new = "$this->dataDir/live.new";
        @unlink($new);
        symlink("generations/$generation", $new) && rename($new, "$this->dataDir/live") || throw new UpkeepFailed("$this->dataDir/live can't be turned");
        Command::of(['sync', $this->dataDir])->run();
    }

    /** The name of the live generation. */
    public function current(): string
    {
        return basename((string) readlink("$this->dataDir/live"));
    }

    public function folder(): string
    {
        return "$this->dataDir/generations/".$this->current();
    }

    /** @return list<string> databases of generations that are not the live one, with their folders removed */
    public function forgetOthers(): array
    {
        $folders = glob("$this->dataDir/generations/*", \GLOB_ONLYDIR);
        $databases = [];
        foreach (array_filter(false === $folders ? [] : $folders, fn (string $folder): bool => basename($folder) !== $this->current()) as $folder) {
            $databases[] = (string) @file_get_contents("$folder/database");
            Command::of(['rm', '-rf', $folder])->run();
        }

        return array_values(array_filter($databases, static fn (string $name): bool => '' !== $name));
    }
}
