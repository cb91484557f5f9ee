<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Core\Procedure\Procedure;

/** The procedures of the book as one thing to keep. */
final readonly class ReadProcedures
{
    /** @param list<Procedure> $all */
    public function __construct(public array $all)
    {
    }
}
