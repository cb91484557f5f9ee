<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * Which database is the shop's. Its name stands in `live/database` of the data folder, where `live` is a link that a
 * restore turns in one step; where there is none, the name in DATABASE_URL holds.
 */
final class LiveDatabase
{
    private ?string $connected = null;

    public function __construct(private readonly string $dataDir)
    {
    }

    /** Null: the one of DATABASE_URL. FRESH_TACK_DATABASE names another one, for a database that is being built. */
    public function name(): ?string
    {
        $building = getenv('FRESH_TACK_DATABASE');
        if (\is_string($building) && '' !== $building) {
            return $building;
        }
        $link = $this->dataDir.'/live';
        if (!is_link($link)) {
            return null;
        }
        $name = @file_get_contents($link.'/database');

        return \is_string($name) && 1 === preg_match('/^[a-z0-9_]{1,60}$/', $name) ? $name : throw new \RuntimeException($link.'/database can\'t be read: nobody knows which database is the shop\'s.');
    }

    public function connectedTo(string $name): void
    {
        $this->connected = $name;
    }

    /** False: another database was put in the place of the one that this process works with. */
    public function isConnected(): bool
    {
        return null === $this->connected || ($this->name() ?? $this->connected) === $this->connected;
    }
}
