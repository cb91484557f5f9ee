<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;

/** Backs up the database and the files that belong to it, while people go on working. */
final readonly class MakeBackup
{
    private const PATTERN = '/^%s-\d{8}T\d{6}Z(-\d+)?\.tar$/';

    public function __construct(private LiveShop $shop)
    {
    }

    /**
     * Into a new file of the folder, named after the time; two in one second get two names.
     *
     * @throws UpkeepFailed
     */
    public function into(string $folder, string $prefix): string
    {
        $this->makeFolder($folder);
        $name = \sprintf('%s/%s-%s', $folder, $prefix, gmdate('Ymd\THis\Z'));
        $file = "$name.tar";
        for ($copy = 2; file_exists($file); ++$copy) {
            $file = "$name-$copy.tar";
        }
        try {
            $this->to($file);
        } catch (UpkeepFailed $error) {
            // another one took the name meanwhile
            return file_exists($file) ? $this->into($folder, $prefix) : throw $error;
        }

        return $file;
    }

    /** @throws UpkeepFailed also if the file is there already */
    public function to(string $file): void
    {
        $this->makeFolder(\dirname($file));
        !file_exists($file) || throw new UpkeepFailed("$file exists already; nothing was written");
        $work = WorkFolder::beside($file);
        try {
            $sums = $this->database($work->path);
            Command::of(['tar', '-C', $this->shop->data->folder(), '-czf', "$work->path/files.tar.gz", ...LiveData::FOLDERS])->run();
            BackupFile::pack($work->path, $sums, new \DateTimeImmutable(), $file);
        } finally {
            $work->remove();
        }
    }

    /** Removes all but the newest of those named so, and nothing else. */
    public function keep(string $folder, string $prefix, int $count): void
    {
        $files = glob("$folder/$prefix-*.tar");
        $pattern = \sprintf(self::PATTERN, preg_quote($prefix, '/'));
        $ours = array_filter(
            false === $files ? [] : $files,
            static fn (string $file): bool => 1 === preg_match($pattern, basename($file)),
        );
        usort($ours, static fn (string $a, string $b): int => strnatcmp(basename($b, '.tar'), basename($a, '.tar')));
        array_map(unlink(...), \array_slice($ours, $count));
    }

    /**
     * The rows of one moment, and their sums of the same moment: all tables are locked for as long as two transactions
     * need to begin.
     *
     * @return array<string, array{rows: int, sum: string}>
     */
    private function database(string $folder): array
    {
        $name = $this->shop->database();
        $lock = $this->shop->server->connect($name);
        $count = $this->shop->server->connect($name);
        $tables = array_filter($lock->fetchFirstColumn('SHOW TABLES'), \is_string(...));
        [] !== $tables || throw new UpkeepFailed("the database $name is empty; nothing was written");
        $lock->executeStatement('LOCK TABLES '.implode(' READ, ', $tables).' READ');
        self::begin($count);
        $this->shop->server->dump($name, "$folder/database.sql.gz", static function () use ($lock): void {
            $lock->executeStatement('UNLOCK TABLES');
        });

        return TableSums::of($count);
    }

    private static function begin(Connection $connection): void
    {
        $connection->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        $connection->executeStatement('START TRANSACTION WITH CONSISTENT SNAPSHOT');
    }

    private function makeFolder(string $folder): void
    {
        is_dir($folder) || @mkdir($folder, 0o700, true) || is_dir($folder) || throw new UpkeepFailed("$folder can't be made");
        is_writable($folder) || throw new UpkeepFailed("$folder can't be written");
    }
}
