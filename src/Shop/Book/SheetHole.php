<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\Task;

final readonly class SheetHole
{
    /** @param list<Task> $tasks that it blocks */
    public function __construct(public SheetHead $head, public string $path, public string $label, public array $tasks)
    {
    }
}
