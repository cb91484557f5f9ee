<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/** The shop's data as they lie: which database and which files are live, and the door to changing them. */
final readonly class LiveShop
{
    public function __construct(
        public DatabaseServer $server,
        public LiveData $data,
        public FileDoor $door,
        private LiveDatabase $live,
    ) {
    }

    /** The name of the live database. */
    public function database(): string
    {
        return $this->live->name() ?? $this->server->firstName();
    }
}
