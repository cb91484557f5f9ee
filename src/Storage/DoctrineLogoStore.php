<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use FreshTack\Shop\Settings\LogoStore;

final readonly class DoctrineLogoStore implements LogoStore
{
    public function __construct(private Connection $connection)
    {
    }

    public function logo(): ?string
    {
        $picture = $this->connection->fetchOne('SELECT picture FROM shop_logo WHERE id = 1');

        return \is_string($picture) ? $picture : null;
    }

    public function keep(?string $picture): void
    {
        $this->connection->executeStatement('DELETE FROM shop_logo WHERE id = 1');
        if (null !== $picture) {
            $this->connection->executeStatement(
                'INSERT INTO shop_logo (id, picture) VALUES (1, ?)',
                [$picture],
                [ParameterType::LARGE_OBJECT],
            );
        }
    }
}
