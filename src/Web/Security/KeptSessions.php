<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Away;

/** Sessions in files of the data folder. One that can't be kept is told, and nobody is let in for one request only. */
final class KeptSessions extends \SessionHandler implements \SessionUpdateTimestampHandlerInterface
{
    public function __construct(private readonly string $dataDir)
    {
    }

    public function open(string $path, string $name): bool
    {
        is_dir($this->folder()) || @mkdir($this->folder(), 0o700, true);

        return @parent::open($this->folder(), $name) || throw Away::session();
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

    /** A number that we never gave is no session. */
    public function validateId(string $id): bool
    {
        return is_file($this->folder().'/sess_'.$id);
    }

    /** A session that says what it said is not written again; where nothing can be written it lives on as it is. */
    public function updateTimestamp(string $id, string $data): bool
    {
        @touch($this->folder().'/sess_'.$id);

        return true;
    }

    private function folder(): string
    {
        return $this->dataDir.'/sessions';
    }
}
