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
    private const STAYS = 'The present data stay as they are';
    /** Without these it is no shop. */
    private const NEEDED = ['account', 'migration_version', 'work_order'];

    public function __construct(
        private LiveShop $shop,
        private MakeBackup $backup,
        private DependencyFactory $migrations,
        private OwnConsole $console,
        private string $dataDir,
    ) {
    }

    /**
     * Nobody changes anything from the moment the file is found whole until this process ends.
     *
     * @param string                 $backups a folder
     * @param \Closure(string): void $told    what was done
     *
     * @throws UpkeepFailed if the file is not whole, or what it holds is not what was backed up
     */
    public function from(string $file, string $backups, \Closure $told): void
    {
        is_readable($file) || throw new UpkeepFailed("there is no backup $file that can be read");
        $work = WorkFolder::beside($this->dataDir.'/unpacked');
        try {
            $unpacked = BackupFile::unpack($file, $work->path);
            $this->shop->door->close(self::DRAIN_SECONDS);
            KillPoint::reached('restore.closed');
            $told('the present data are kept in '.$this->backup->into($backups, 'before-restore'));
            KillPoint::reached('restore.saved');
            $this->forgetOthers();
            $name = \sprintf('%s_%s_%s', $this->shop->server->firstName(), gmdate('ymdHis'), bin2hex(random_bytes(3)));
            $this->database($unpacked, $name);
            $this->files($unpacked, $name);
            $this->shop->data->switchTo($name);
            KillPoint::reached('restore.switched');
        } finally {
            $work->remove();
        }
    }

    /** What an earlier restore left, ended or not. */
    private function forgetOthers(): void
    {
        $this->shop->data->forgetOthers();
        array_map($this->shop->server->drop(...), array_diff($this->shop->server->names(), [$this->shop->database()]));
    }

    private function database(BackupFile $unpacked, string $name): void
    {
        $this->shop->server->create($name);
        KillPoint::reached('restore.created');
        $this->shop->server->load($unpacked->folder.'/database.sql.gz', $name);
        KillPoint::reached('restore.loaded');
        $this->check($unpacked, $this->shop->server->connect($name));
        KillPoint::reached('restore.checked');
        $this->console->run($name, 'migrations:migrate', '--no-interaction', '--allow-no-migration', '--quiet');
        $this->console->run($name, 'data:rights');
        $this->console->run($name, 'orders:tally', '--quiet');
        KillPoint::reached('restore.migrated');
    }

    /** An older backup has none: those of now stay. */
    private function files(BackupFile $unpacked, string $name): void
    {
        $folder = $this->shop->data->make($name);
        $packed = $unpacked->folder.'/files.tar.gz';
        $live = array_map(fn (string $each): string => $this->shop->data->folder().'/'.$each, LiveData::FOLDERS);
        is_file($packed)
            ? Command::of(['tar', '-C', $folder, '--no-same-owner', '-xzf', $packed, ...LiveData::FOLDERS])->run()
            : Command::of(['cp', '-a', ...$live, $folder])->run();
        KillPoint::reached('restore.filed');
    }

    private function check(BackupFile $unpacked, Connection $database): void
    {
        $wrong = null === $unpacked->sums ? [] : TableSums::differences($unpacked->sums, TableSums::of($database));
        [] === $wrong || throw new UpkeepFailed('what was read back is not what was backed up: '.implode('; ', $wrong).'. '.self::STAYS);
        $tables = array_filter($database->fetchFirstColumn('SHOW TABLES'), \is_string(...));
        [] === array_diff(self::NEEDED, $tables) || throw new UpkeepFailed('the backup holds no shop. '.self::STAYS);
        $newer = array_diff(
            array_filter($database->fetchFirstColumn('SELECT version FROM migration_version'), \is_string(...)),
            $this->knownVersions(),
        );
        [] === $newer || throw new UpkeepFailed('the backup was made by a newer version of the program. '.self::STAYS);
    }

    /** @return list<string> */
    private function knownVersions(): array
    {
        $all = $this->migrations->getMigrationRepository()->getMigrations()->getItems();

        return array_map(static fn (AvailableMigration $each): string => (string) $each->getVersion(), array_values($all));
    }
}
