<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Connects to the database that is the shop's now. */
#[AsMiddleware]
final readonly class LiveDatabaseMiddleware implements Middleware
{
    public function __construct(private LiveDatabase $live)
    {
    }

    public function wrap(Driver $driver): Driver
    {
        return new class($driver, $this->live) extends AbstractDriverMiddleware {
            public function __construct(Driver $driver, private readonly LiveDatabase $live)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $name = $this->live->name() ?? $params['dbname'] ?? '';
                $this->live->connectedTo($name);

                return parent::connect([...$params, 'dbname' => $name]);
            }
        };
    }
}
