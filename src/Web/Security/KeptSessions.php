<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Away;

/** Sessions in files of the data folder. One that can't be kept is told, and nobody is let in for one request only. */
final class KeptSessions extends \SessionHandler
{
    public function __construct(private readonly string $dataDir)
    {
    }

    public function open(string $path, string $name): bool
    {
        $folder = $this->dataDir.'/sessions';
        is_dir($folder) || @mkdir($folder, 0o700, true);

        return @parent::open($folder, $name) || throw Away::session();
    }

    public function read(string $id): string
    {
        $read = @parent::read($id);

        return false === $read ? throw Away::session() : $read;
    }

    public function write(string $id, string $data): bool
    {
        return @parent::write($id, $data) || throw Away::session();
    }
}
