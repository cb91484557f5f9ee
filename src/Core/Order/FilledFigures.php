<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Procedure\Figure;

final readonly class FilledFigures
{
    /**
     * @param list<string>                                    $rows  lines of a table that belong to it
     * @param list<array{piece: string, facing: string|null}> $stack pieces in the order in which they go on, if its table is one of these
     * @param list<string>                                    $uses  paths of the sheet's values that it used
     */
    public function __construct(
        public ?Figure $figure = null,
        public ?Tightening $tightening = null,
        public array $rows = [],
        public array $stack = [],
        public array $uses = [],
    ) {
    }
}
