<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Core\SpecBook\Task;

/** Which task each procedure of the book is for. */
final readonly class ProcedureIndex
{
    /** @param array<string, Task|null> $tasks by the procedure's id; null: it belongs to every visit */
    public function __construct(public array $tasks)
    {
    }
}
