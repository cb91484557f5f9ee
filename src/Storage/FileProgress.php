<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Exchange\Json;
use FreshTack\Shop\Progress;

/** One small file for each piece of work, replaced as a whole; those of earlier days are swept when new work begins. */
final readonly class FileProgress implements Progress
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(private string $dataDir)
    {
    }

    public function tell(string $token, int $done, int $of): void
    {
        $file = $this->file($token);
        if (null === $file) {
            return;
        }
        if (!is_file($file)) {
            $this->sweep(\dirname($file));
        }
        file_put_contents($file.'.new', Json::encode(['done' => $done, 'of' => $of]));
        rename($file.'.new', $file);
    }

    public function of(string $token): ?array
    {
        $file = $this->file($token);
        $told = null === $file || !is_file($file) ? null : StoredJson::map((string) file_get_contents($file), 'progress', $token);

        return \is_int($told['done'] ?? null) && \is_int($told['of'] ?? null) ? ['done' => $told['done'], 'of' => $told['of']] : null;
    }

    private function file(string $token): ?string
    {
        $folder = $this->dataDir.'/progress';
        if (1 !== preg_match('/^[a-z0-9-]{8,40}$/', $token) || (!is_dir($folder) && !@mkdir($folder, 0o700, true) && !is_dir($folder))) {
            return null;
        }

        return "$folder/$token.json";
    }

    private function sweep(string $folder): void
    {
        $files = glob($folder.'/*.json');
        foreach (false === $files ? [] : $files as $file) {
            if (filemtime($file) < time() - self::KEPT_SECONDS) {
                @unlink($file);
            }
        }
    }
}
