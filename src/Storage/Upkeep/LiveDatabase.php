<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * Which database is the shop's: the one after which the folder is named that `live` in the data folder links to. A
 * restore turns that link in one step. Where there is none, the name in DATABASE_URL holds.
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
        $building = $this->building();
        if (null !== $building) {
            return $building;
        }
        $link = $this->dataDir.'/live';
        if (!is_link($link)) {
            return null;
        }
        // asked of the system each time: what PHP remembers of a path may be the link of before
        $name = basename((string) readlink($link));

        1 === preg_match('/^[a-z0-9_]{1,60}$/', $name) || throw new \RuntimeException($link.' names no database.');

        return $name;
    }

    /** Null: none; we work with the one that is the shop's. */
    public function building(): ?string
    {
        $name = getenv('FRESH_TACK_DATABASE');

        return \is_string($name) && '' !== $name ? $name : null;
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
