<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

/** When the worker was last seen between two jobs: the time of a small file. */
final class WorkerPulse
{
    private const EVERY_SECONDS = 5;
    private int $beatAt = 0;

    public function __construct(private readonly string $dataDir)
    {
    }

    public function beat(): void
    {
        if (time() - $this->beatAt >= self::EVERY_SECONDS) {
            $this->beatAt = time();
            $folder = \dirname($this->file());
            is_dir($folder) || @mkdir($folder, 0o700, true);
            // on a full disk the worker works on
            @touch($this->file());
        }
    }

    /** @return int|null seconds; null: it was never seen */
    public function age(): ?int
    {
        clearstatcache(true, $this->file());
        $at = @filemtime($this->file());

        return false === $at ? null : max(0, time() - $at);
    }

    private function file(): string
    {
        return $this->dataDir.'/progress/worker.alive';
    }
}
