<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Due\DueBoard;
use FreshTack\Shop\Due\EnginePressing;

final readonly class BoardState
{
    /**
     * @param list<LaneState>      $lanes    in the order of the work
     * @param list<EnginePressing> $pressing the longest due first
     */
    public function __construct(public array $lanes, public DueBoard $dues, public array $pressing, public int $refusals, public int $holes)
    {
    }
}
