<?php

declare(strict_types=1);

namespace FreshTack\Storage;

final readonly class Causes
{
    /** @return iterable<\Throwable> the error, what caused it, and so on */
    public static function of(\Throwable $error): iterable
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            yield $cause;
        }
    }
}
