<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use FreshTack\Shop\Away;
use FreshTack\Shop\Door;

/**
 * Two locked files. Whoever changes something holds `inside` with others; whoever closes the shop holds `gate` alone,
 * waits until `inside` is empty, and holds that alone too. The locks end with the process, however it ends.
 */
final class FileDoor implements Door
{
    /** @var list<resource> */
    private array $held = [];
    private int $depth = 0;

    public function __construct(private readonly string $dataDir, private readonly LiveDatabase $live)
    {
    }

    public function enter(): void
    {
        // a database that is being built is behind the door
        if (0 === $this->depth && null === $this->live->building() && is_dir($this->folder())) {
            $inside = $this->locked('inside', \LOCK_SH);
            $gate = null === $inside ? null : $this->locked('gate', \LOCK_SH);
            if (null === $inside || null === $gate) {
                throw Away::closed();
            }
            fclose($gate);
            $this->held = [$inside];
        }
        ++$this->depth;
        if (!$this->live->isConnected()) {
            $this->leave();

            throw Away::closed();
        }
    }

    public function leave(): void
    {
        if (0 === --$this->depth) {
            array_map(fclose(...), $this->held);
            $this->held = [];
        }
    }

    /**
     * Until this process ends nobody changes anything.
     *
     * @throws UpkeepFailed if somebody is inside for longer than that, or another one has closed it
     */
    public function close(int $seconds): void
    {
        $this->make();
        $this->held[] = $this->locked('gate', \LOCK_EX) ?? throw new UpkeepFailed('another restore is at work');
        $inside = $this->locked('inside', \LOCK_EX);
        for ($left = 10 * $seconds; null === $inside && $left > 0; --$left) {
            usleep(100_000);
            $inside = $this->locked('inside', \LOCK_EX);
        }
        $this->held[] = $inside ?? throw new UpkeepFailed("somebody is still changing something after $seconds s; nothing was changed");
    }

    public function make(): void
    {
        is_dir($this->folder()) || mkdir($this->folder(), 0o700, true);
        foreach (['gate', 'inside'] as $name) {
            is_file($this->folder().'/'.$name) || touch($this->folder().'/'.$name);
        }
    }

    private function folder(): string
    {
        return $this->dataDir.'/door';
    }

    /**
     * @param \LOCK_SH|\LOCK_EX $how
     *
     * @return resource|null null: it is held in a way that does not go with this
     */
    private function locked(string $name, int $how): mixed
    {
        // reading is enough to lock, and works where nothing can be written
        $file = @fopen($this->folder().'/'.$name, 'r');

        return \is_resource($file) && flock($file, \LOCK_EX === $how ? \LOCK_EX | \LOCK_NB : \LOCK_SH | \LOCK_NB) ? $file : null;
    }
}
