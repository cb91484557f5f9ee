<?php

declare(strict_types=1);

// Brings the tables of a database up to date, and is killed after the n-th statement: php migrate-and-die.php URL N

use Doctrine\DBAL\Configuration;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use Doctrine\Migrations\Configuration\Connection\ExistingConnection;
use Doctrine\Migrations\Configuration\Migration\PhpFile;
use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\MigratorConfiguration;
use FreshTack\Tests\Support\DyingMiddleware;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$connection = DriverManager::getConnection(
    (new DsnParser(['mysql' => 'pdo_mysql']))->parse($argv[1]),
    (new Configuration())->setMiddlewares([new DyingMiddleware((int) $argv[2])]),
);
$factory = DependencyFactory::fromConnection(new PhpFile(dirname(__DIR__, 2).'/config/migrations.php'), new ExistingConnection($connection));
$factory->getMetadataStorage()->ensureInitialized();
$latest = $factory->getVersionAliasResolver()->resolveVersionAlias('latest');
$factory->getMigrator()->migrate($factory->getMigrationPlanCalculator()->getPlanUntilVersion($latest), (new MigratorConfiguration())->setAllOrNothing(false));
