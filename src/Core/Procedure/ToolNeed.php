<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class ToolNeed
{
    /** @param string|null $size the path of the sheet's value that gives its size */
    public function __construct(public string $name, public ?string $size)
    {
    }
}
