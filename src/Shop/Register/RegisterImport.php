<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

/** What a file gives the register. */
final readonly class RegisterImport
{
    /** @param list<string> $new what is new, in words, in the order of the file */
    public function __construct(public array $new, public int $same)
    {
    }
}
