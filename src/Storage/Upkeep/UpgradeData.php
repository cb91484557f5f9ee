<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\Migrations\DependencyFactory;

/** From whatever version the data are of to this one. Killed anywhere, it can be run again. */
final readonly class UpgradeData
{
    private const KEPT = 5;
    private const PREFIX = 'before-upgrade';

    public function __construct(
        private LiveShop $shop,
        private MakeBackup $backup,
        private DependencyFactory $migrations,
        private AppRights $rights,
        private OwnConsole $console,
        private TablesVersion $version,
    ) {
    }

    /**
     * @param string                 $backups a folder
     * @param \Closure(string): void $told    what was done
     *
     * @throws UpkeepFailed
     */
    public function __invoke(string $backups, \Closure $told): void
    {
        $this->shop->data->begin($this->shop->database());
        $this->shop->door->make();
        $this->migrations->getMetadataStorage()->ensureInitialized();
        $new = \count($this->migrations->getMigrationStatusCalculator()->getNewMigrations());
        if ($new > 0) {
            $this->keepWhatIsThere($backups, $told);
            $this->console->run(null, 'migrations:migrate', '--no-interaction', '--quiet');
            $told(\sprintf('tables brought up to date in %d %s', $new, 1 === $new ? 'step' : 'steps'));
        }
        $this->rights->grant($this->shop->server->appAccount());
        $unlisted = implode(', ', $this->rights->unlisted());
        '' === $unlisted || throw new UpkeepFailed("these tables are no part of the shop, or AppRights has forgotten them: $unlisted");
        $this->version->keep();
    }

    /** @param \Closure(string): void $told */
    private function keepWhatIsThere(string $backups, \Closure $told): void
    {
        $tables = $this->shop->server->connect($this->shop->database())->fetchFirstColumn('SHOW TABLES');
        if ([] === array_diff(array_filter($tables, \is_string(...)), ['migration_version'])) {
            return;
        }
        $told('before the tables change, the data are kept in '.$this->backup->into($backups, self::PREFIX));
        $this->backup->keep($backups, self::PREFIX, self::KEPT);
    }
}
