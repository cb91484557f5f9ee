<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

/** One thing wrong in a document, at a JSON pointer such as `/engines/0/serial`. */
final readonly class Flaw
{
    public function __construct(public string $pointer, public string $message)
    {
    }
}
