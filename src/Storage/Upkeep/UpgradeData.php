<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\Migrations\DependencyFactory;

/** From whatever version the data are of to this one. Killed anywhere, it can be run again. */
final readonly class UpgradeData
{
    private const KEPT = 5;
    private const PREFIX = 'before-upgrade';

    public function __construct(private DependencyFactory $migrations, private MakeBackup $backup, private AppRights $rights, private DatabaseServer $server, private LiveDatabase $live, private LiveData $data, private FileDoor $door, private string $projectDir)
    {
    }

    /** @param \Closure(string): void $told what was done */
    public function __invoke(string $backups, \Closure $told): void
    {
        $this->data->begin($this->live->name() ?? $this->server->firstName());
        $this->door->make();
        $this->migrations->getMetadataStorage()->ensureInitialized();
        $new = \count($this->migrations->getMigrationStatusCalculator()->getNewMigrations());
        if ($new > 0) {
            if ($this->holdsSomething()) {
                $told('before the tables change, the data are kept in '.$this->backup->into($backups, self::PREFIX));
                $this->backup->keep($backups, self::PREFIX, self::KEPT);
            }
            Command::of([\PHP_BINARY, $this->projectDir.'/bin/console', 'migrations:migrate', '--no-interaction', '--quiet'])->run();
            $told(\sprintf('tables brought up to date in %d %s', $new, 1 === $new ? 'step' : 'steps'));
        }
        $this->rights->grant($this->server->appAccount());
        $unlisted = $this->rights->unlisted();
        [] === $unlisted || throw new UpkeepFailed('these tables are no part of the shop, or AppRights has forgotten them: '.implode(', ', $unlisted));
    }

    private function holdsSomething(): bool
    {
        return [] !== array_diff(array_filter($this->server->connect($this->live->name() ?? $this->server->firstName())->fetchFirstColumn('SHOW TABLES'), \is_string(...)), ['migration_version']);
    }
}
