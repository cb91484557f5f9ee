<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Bench\WrenchDrop;

/** `wrench/in` in the data folder: a file for each pull. What is no reading goes to `wrench/refused` with the reason beside it. */
final readonly class WrenchFolder implements WrenchDrop
{
    private const LARGEST_BYTES = 10_000;
    private const MOST = 20;

    public function __construct(private string $dataDir)
    {
    }

    public function lately(\DateTimeImmutable $since): array
    {
        $files = glob($this->folder('in').'/*.json');
        $ages = [];
        foreach (false === $files ? [] : $files as $file) {
            $at = is_file($file) && !is_link($file) ? (int) @filemtime($file) : 0;
            if ($at >= $since->getTimestamp()) {
                $ages[$file] = $at;
            }
        }
        arsort($ages);
        $lately = [];
        foreach (\array_slice(array_keys($ages), 0, self::MOST) as $file) {
            $lately[basename($file)] = filesize($file) > self::LARGEST_BYTES ? '' : (string) @file_get_contents($file);
        }

        return $lately;
    }

    public function refused(string $name, string $why): void
    {
        $to = $this->folder('refused').'/'.$name;
        if (@rename($this->folder('in').'/'.$name, $to)) {
            file_put_contents($to.'.reason.txt', $why."\n");
        }
    }

    private function folder(string $name): string
    {
        // a restore may have turned the link since PHP looked at it last
        clearstatcache(true);
        $folder = $this->dataDir.'/wrench/'.$name;
        if (!is_dir($folder) && !@mkdir($folder, 0o770, true) && !is_dir($folder)) {
            throw new \RuntimeException('The wrenches\' folder '.$folder.' can\'t be made.');
        }

        return $folder;
    }
}
