<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;
use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\Metadata\AvailableMigration;

/**
 * Puts a backup in the place of the present data: a new database and a new generation of files are built beside the
 * live ones and checked, and one link is turned. Killed anywhere, either the old or the new is whole and live.
 */
final readonly class RestoreBackup
{
    private const DRAIN_SECONDS = 60;

    public function __construct(private DatabaseServer $server, private LiveDatabase $live, private LiveData $data, private FileDoor $door, private MakeBackup $backup, private DependencyFactory $migrations, private string $projectDir, private string $dataDir)
    {
    }

    /**
     * Nobody changes anything from the moment the file is found whole until this process ends.
     *
     * @param \Closure(string): void $told what was done
     *
     * @throws UpkeepFailed if the file is not whole, or what it holds is not what was backed up
     */
    public function from(string $file, string $backups, \Closure $told): void
    {
        is_readable($file) || throw new UpkeepFailed("there is no backup $file that can be read");
        $work = WorkFolder::beside($this->dataDir.'/unpacked');
        try {
            $unpacked = BackupFile::unpack($file, $work->path);
            $this->door->close(self::DRAIN_SECONDS);
            KillPoint::reached('restore.closed');
            $told('the present data are kept in '.$this->backup->into($backups, 'before-restore'));
            KillPoint::reached('restore.saved');
            $this->forgetOthers();
            $this->build($unpacked, \sprintf('%s_%s_%s', $this->server->firstName(), gmdate('ymdHis'), bin2hex(random_bytes(3))));
        } finally {
            $work->remove();
        }
    }

    /** What an earlier restore left, ended or not. */
    private function forgetOthers(): void
    {
        $this->data->forgetOthers();
        array_map($this->server->drop(...), array_diff($this->server->names(), [$this->live->name() ?? $this->server->firstName()]));
    }

    private function build(BackupFile $unpacked, string $name): void
    {
        $this->server->create($name);
        KillPoint::reached('restore.created');
        $this->server->load($unpacked->folder.'/database.sql.gz', $name);
        KillPoint::reached('restore.loaded');
        $this->check($unpacked, $this->server->connect($name));
        KillPoint::reached('restore.checked');
        $this->console($name, 'migrations:migrate', '--no-interaction', '--allow-no-migration', '--quiet');
        $this->console($name, 'data:rights');
        $this->console($name, 'orders:tally', '--quiet');
        KillPoint::reached('restore.migrated');
        $folder = $this->data->make($name);
        is_file($unpacked->folder.'/files.tar.gz')
            ? Command::of(['tar', '-C', $folder, '--no-same-owner', '-xzf', $unpacked->folder.'/files.tar.gz', ...LiveData::FOLDERS])->run()
            : Command::of(['cp', '-a', ...array_map(fn (string $each): string => $this->data->folder().'/'.$each, LiveData::FOLDERS), $folder])->run();
        KillPoint::reached('restore.filed');
        $this->data->switchTo($name);
        KillPoint::reached('restore.switched');
    }

    private function check(BackupFile $unpacked, Connection $database): void
    {
        $differences = null === $unpacked->sums ? [] : TableSums::differences($unpacked->sums, TableSums::of($database));
        [] === $differences || throw new UpkeepFailed('what was read back is not what was backed up: '.implode('; ', $differences).'. The present data stay as they are');
        $there = $database->fetchFirstColumn("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name IN ('migration_version', 'work_order', 'account')");
        3 === \count($there) || throw new UpkeepFailed('the backup holds no shop. The present data stay as they are');
        $known = array_map(static fn (AvailableMigration $each): string => (string) $each->getVersion(), $this->migrations->getMigrationRepository()->getMigrations()->getItems());
        $newer = array_diff(array_filter($database->fetchFirstColumn('SELECT version FROM migration_version'), \is_string(...)), $known);
        [] === $newer || throw new UpkeepFailed('the backup was made by a newer version of the program. The present data stay as they are');
    }

    private function console(string $database, string ...$words): void
    {
        Command::of([\PHP_BINARY, $this->projectDir.'/bin/console', ...array_values($words)], ['FRESH_TACK_DATABASE' => $database])->run();
    }
}
