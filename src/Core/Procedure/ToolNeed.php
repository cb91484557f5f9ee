<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class ToolNeed
{
    /**
     * @param string|null $size    the path of the sheet's value that gives its size
     * @param bool        $hexagon it turns a hexagon of this size, so that one of nearly the same size may stand in
     */
    public function __construct(
        public string $name,
        public ?string $size,
        public bool $hexagon,
        public Condition $when,
    ) {
    }
}
