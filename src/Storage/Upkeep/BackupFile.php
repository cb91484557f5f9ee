<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;

/**
 * One file: a tar archive with `manifest.json` (what was backed up when, rows and sums of each table, SHA-256 of the
 * other two), `database.sql.gz` and `files.tar.gz`. Versions before 0.6 wrote the packed SQL alone.
 */
final readonly class BackupFile
{
    private const FORMAT = 'fresh-tack-backup/1';
    private const PARTS = ['database.sql.gz', 'files.tar.gz'];

    /**
     * @param string                                            $folder with the packed SQL and perhaps the packed files
     * @param array<string, array{rows: int, sum: string}>|null $sums   null: an older backup, which had none
     */
    private function __construct(public string $folder, public ?array $sums)
    {
    }

    /**
     * Packs what lies in a folder, and puts it in its place only once it is whole; never over another file.
     *
     * @param array<string, array{rows: int, sum: string}> $sums
     */
    public static function pack(string $folder, array $sums, \DateTimeImmutable $at, string $file): void
    {
        $hashes = [];
        foreach (self::PARTS as $part) {
            $hashes[$part] = (string) hash_file('sha256', "$folder/$part");
        }
        $manifest = Json::encode(['format' => self::FORMAT, 'takenAt' => $at->format(\DATE_ATOM), 'sha256' => $hashes, 'tables' => $sums]);
        file_put_contents("$folder/manifest.json", $manifest) === \strlen($manifest) || throw UpkeepFailed::unwritten($folder);
        $new = \dirname($file).'/.'.basename($file).'.'.getmypid();
        try {
            Command::of(['tar', '-C', $folder, '-cf', $new, 'manifest.json', ...self::PARTS])->run();
            Command::of(['sync', $new])->run();
            KillPoint::reached('backup.packed');
            $there = file_exists($file);
            @link($new, $file) || throw new UpkeepFailed($there ? "$file exists already; nothing was written" : "$file can't be written");
        } finally {
            @unlink($new);
        }
    }

    /** Takes a file apart in an empty folder, and refuses one that is not whole. */
    public static function unpack(string $file, string $folder): self
    {
        $begin = (string) @file_get_contents($file, false, null, 0, 2);

        return "\x1f\x8b" === $begin ? self::older($file, $folder) : self::current($file, $folder);
    }

    private static function current(string $file, string $folder): self
    {
        try {
            Command::of(['tar', '-C', $folder, '--no-same-owner', '-xf', $file, 'manifest.json', ...self::PARTS])->run();
            $manifest = Json::decode((string) file_get_contents("$folder/manifest.json"));
        } catch (UpkeepFailed|InvalidDocument $error) {
            throw self::damaged($file, $error);
        }
        $hashes = \is_array($manifest) ? $manifest['sha256'] ?? null : null;
        foreach (self::PARTS as $part) {
            \is_array($hashes) && ($hashes[$part] ?? null) === hash_file('sha256', "$folder/$part") || throw self::damaged($file);
        }
        self::checkEnd($file, "$folder/database.sql.gz");

        return new self($folder, self::sums($manifest, $file));
    }

    private static function older(string $file, string $folder): self
    {
        copy($file, "$folder/database.sql.gz") || throw new UpkeepFailed("$file can't be read");
        self::checkEnd($file, "$folder/database.sql.gz");

        return new self($folder, null);
    }

    /** A dump that was cut, even between two tables, lacks its last line. */
    private static function checkEnd(string $file, string $packed): void
    {
        try {
            Command::of(['gzip', '-t', $packed])->run();
        } catch (UpkeepFailed $error) {
            throw self::damaged($file, $error);
        }
        $end = '';
        $stream = gzopen($packed, 'rb');
        while (false !== $stream && !gzeof($stream)) {
            $end = substr($end.gzread($stream, 1 << 20), -200);
        }
        1 === preg_match('/\n-- Dump completed[^\n]*\n*\z/', $end) || throw self::damaged($file);
    }

    /**
     * @return array<string, array{rows: int, sum: string}>
     */
    private static function sums(mixed $manifest, string $file): array
    {
        $tables = \is_array($manifest) && self::FORMAT === ($manifest['format'] ?? null) ? $manifest['tables'] ?? null : null;
        \is_array($tables) || throw new UpkeepFailed("$file was made by a newer version; nothing was changed");
        $sums = [];
        foreach ($tables as $table => $told) {
            \is_array($told) && \is_int($told['rows'] ?? null) && \is_string($told['sum'] ?? null) || throw self::damaged($file);
            $sums[(string) $table] = ['rows' => $told['rows'], 'sum' => $told['sum']];
        }

        return $sums;
    }

    private static function damaged(string $file, ?\Throwable $why = null): UpkeepFailed
    {
        return new UpkeepFailed("$file is no backup of ours, or it is damaged; nothing was changed", 0, $why);
    }
}
