<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** An address as a picture that a camera reads, drawn by Debian's qrencode. */
final readonly class QrCode
{
    private const SECONDS = 5;

    /** @return string|null the picture as a data address; null where qrencode is not installed: the address stands there as text anyway */
    public static function of(string $address): ?string
    {
        try {
            $process = new Process(['qrencode', '--type=PNG', '--size=6', '--margin=1', '--output=-', $address]);
            $process->setTimeout(self::SECONDS)->run();
        } catch (ExceptionInterface) {
            return null;
        }

        return $process->isSuccessful() ? 'data:image/png;base64,'.base64_encode($process->getOutput()) : null;
    }
}
