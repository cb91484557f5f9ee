<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractStatementMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/** Kills the process, as `kill -9` does, right after the n-th statement that changes something. */
final class DyingMiddleware implements Middleware
{
    public function __construct(private int $left)
    {
    }

    public function executed(string $sql): void
    {
        if (1 === preg_match('/^\s*(CREATE|ALTER|DROP|INSERT|UPDATE|DELETE)\b/i', $sql) && 0 === --$this->left) {
            posix_kill((int) getmypid(), \SIGKILL);
        }
    }

    public function wrap(Driver $driver): Driver
    {
        return new class($driver, $this) extends AbstractDriverMiddleware {
            public function __construct(Driver $driver, private readonly DyingMiddleware $dying)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class(parent::connect($params), $this->dying) extends AbstractConnectionMiddleware {
                    public function __construct(Connection $connection, private readonly DyingMiddleware $dying)
                    {
                        parent::__construct($connection);
                    }

                    public function exec(string $sql): int|string
                    {
                        $rows = parent::exec($sql);
                        $this->dying->executed($sql);

                        return $rows;
                    }

                    public function query(string $sql): Result
                    {
                        $result = parent::query($sql);
                        $this->dying->executed($sql);

                        return $result;
                    }

                    public function prepare(string $sql): Statement
                    {
                        return new class(parent::prepare($sql), $sql, $this->dying) extends AbstractStatementMiddleware {
                            public function __construct(Statement $statement, private readonly string $sql, private readonly DyingMiddleware $dying)
                            {
                                parent::__construct($statement);
                            }

                            public function execute(): Result
                            {
                                $result = parent::execute();
                                $this->dying->executed($this->sql);

                                return $result;
                            }
                        };
                    }
                };
            }
        };
    }
}
