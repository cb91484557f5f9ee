<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

final readonly class StepFigures
{
    /**
     * @param string|null $figure the path of the value that belongs to this step in large type
     * @param string|null $rows   the path of a table whose rows belong to this step, one below the other
     * @param bool        $isUsed what is tightened was crushed before and goes back: the sheet's figure for that
     */
    public function __construct(
        public ?string $figure = null,
        public ?string $rows = null,
        public ?RowFilter $where = null,
        public bool $isUsed = false,
    ) {
    }
}
