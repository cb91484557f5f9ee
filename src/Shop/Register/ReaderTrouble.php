<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;

/** The engine reader gave nothing that can be used. Nothing was kept; the meter can still be read by eye. */
final class ReaderTrouble extends \RuntimeException implements ExpectedError
{
    private const BY_EYE = 'Nothing was kept. Read the meter by eye, or try again.';

    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message.' '.self::BY_EYE);
    }

    public static function slow(): self
    {
        return new self('reader.slow', 'The engine reader did not answer in time.');
    }

    public static function down(): self
    {
        return new self('reader.down', 'The engine reader can\'t be reached: it is switched off, or not connected.');
    }

    public static function unknown(string $serial): self
    {
        return new self('reader.unknown', \sprintf('The engine reader is not connected to %s.', $serial));
    }

    public static function nonsense(string $why): self
    {
        return new self('reader.nonsense', \sprintf('What the engine reader told makes no sense: %s', $why));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
