<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\OwnExport;

final readonly class SignedExport implements OwnExport
{
    public function __construct(private Seal $seal)
    {
    }

    public function sign(array $files): string
    {
        $names = array_map(strval(...), array_keys($files));

        return Json::pretty(array_combine($names, array_map($this->seal->file(...), $names, array_values($files))))."\n";
    }

    public function ours(array $files): array
    {
        try {
            $signatures = Json::decode($files[self::FILE] ?? '{}');
        } catch (ExpectedError) {
            return [];
        }
        $ours = [];
        foreach (\is_array($signatures) ? $signatures : [] as $name => $signature) {
            $text = $files[$name] ?? null;
            if (null !== $text && \is_string($signature) && hash_equals($this->seal->file((string) $name, $text), $signature)) {
                $ours[] = (string) $name;
            }
        }

        return $ours;
    }
}
