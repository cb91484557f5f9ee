<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;

/** The server of DATABASE_URL, with all databases of the shop, whichever of them is the live one. */
final readonly class DatabaseServer
{
    /** @var array<string, mixed> */
    private array $parameters;

    public function __construct(#[\SensitiveParameter] string $databaseUrl)
    {
        $this->parameters = (new DsnParser(['mysql' => 'pdo_mysql']))->parse($databaseUrl);
    }

    /** The name in DATABASE_URL, with which the names of all others begin. */
    public function firstName(): string
    {
        return $this->text('dbname');
    }

    /** The application's account, beside which DATABASE_URL names the owner's. */
    public function appAccount(): string
    {
        return preg_replace('/_owner$/', '_app', $this->text('user')) ?? '';
    }

    /** @param string|null $database null: none is chosen */
    public function connect(?string $database): Connection
    {
        // @phpstan-ignore argument.type (the parameters are those that Doctrine itself has read)
        return DriverManager::getConnection(['dbname' => $database, ...array_diff_key($this->parameters, ['dbname' => 0])]);
    }

    public function create(string $database): void
    {
        $this->connect(null)->executeStatement("CREATE DATABASE $database CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
    }

    public function drop(string $database): void
    {
        $this->connect(null)->executeStatement("DROP DATABASE IF EXISTS $database");
    }

    /** @return list<string> */
    public function names(): array
    {
        $like = str_replace('_', '\_', $this->firstName()).'%';

        $sql = 'SELECT schema_name FROM information_schema.schemata WHERE schema_name LIKE ? ORDER BY schema_name';

        return array_values(array_filter($this->connect(null)->fetchFirstColumn($sql, [$like]), \is_string(...)));
    }

    /**
     * Writes all rows as they are at one moment, while others go on writing.
     *
     * @param \Closure(): void $begun called as soon as that moment has passed
     */
    public function dump(string $database, string $file, \Closure $begun): void
    {
        $told = false;
        $this->command('mariadb-dump', '--single-transaction', $database)->into($file, static function (string $text) use (&$told, $begun): void {
            // the first table comes after the transaction has begun
            if (!$told && str_contains($text, '-- Table structure for table')) {
                $told = true;
                $begun();
            }
        });
        if (!$told) {
            $begun();
        }
    }

    public function load(string $file, string $database): void
    {
        $this->command('mariadb', $database)->from($file);
    }

    private function command(string $program, string ...$words): Command
    {
        $server = ['--host='.$this->text('host'), '--port='.$this->text('port'), '--user='.$this->text('user')];

        return Command::of(
            [$program, '--no-defaults', ...$server, '--default-character-set=utf8mb4', ...array_values($words)],
            ['MYSQL_PWD' => $this->text('password')],
        );
    }

    private function text(string $name): string
    {
        $value = $this->parameters[$name] ?? '';

        return \is_scalar($value) ? (string) $value : '';
    }
}
