<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/** A folder for a short while, on the disk where the result will lie. */
final readonly class WorkFolder
{
    private function __construct(public string $path)
    {
    }

    public static function beside(string $file): self
    {
        $path = \sprintf('%s/.fresh-tack-%d-%s', \dirname($file), getmypid(), bin2hex(random_bytes(4)));
        @mkdir($path, 0o700) || throw new UpkeepFailed(\dirname($file).' can\'t be written');

        return new self($path);
    }

    public function remove(): void
    {
        Command::of(['rm', '-rf', $this->path])->run();
    }
}
