<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Register\ReaderDrop;

/** `reader/in` in the data folder; what was taken goes to `reader/taken`, the rest to `reader/refused` with the reason beside it. */
final readonly class FolderReaderDrop implements ReaderDrop
{
    private const LARGEST_BYTES = 5_000_000;

    public function __construct(private string $dataDir)
    {
    }

    public function waiting(): array
    {
        $files = glob($this->folder('in').'/*.{json,csv,JSON,CSV}', \GLOB_BRACE);
        $waiting = [];
        foreach (false === $files ? [] : $files as $file) {
            if (is_file($file) && !is_link($file)) {
                $waiting[basename($file)] = filesize($file) > self::LARGEST_BYTES ? '' : (string) file_get_contents($file);
            }
        }
        ksort($waiting);

        return $waiting;
    }

    public function taken(string $name): void
    {
        $this->move($name, 'taken');
    }

    public function refused(string $name, string $why): void
    {
        $to = $this->move($name, 'refused');
        file_put_contents($to.'.reason.txt', $why."\n");
    }

    private function move(string $name, string $folder): string
    {
        $to = $this->folder($folder).'/'.$name;
        for ($copy = 2; file_exists($to); ++$copy) {
            $to = $this->folder($folder).'/'.$copy.'-'.$name;
        }
        rename($this->folder('in').'/'.$name, $to);

        return $to;
    }

    private function folder(string $name): string
    {
        // a restore may have turned the link since PHP looked at it last
        clearstatcache(true);
        $folder = $this->dataDir.'/reader/'.$name;
        if (!is_dir($folder) && !@mkdir($folder, 0o770, true) && !is_dir($folder)) {
            throw new \RuntimeException('The reader\'s folder '.$folder.' can\'t be made.');
        }

        return $folder;
    }
}
