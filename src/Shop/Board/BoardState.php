<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

final readonly class BoardState
{
    /**
     * @param list<BoardLine>  $orders newest first
     * @param list<BoatState>  $boats  the most pressing first
     */
    public function __construct(public array $orders, public array $boats, public int $refusals, public int $holes)
    {
    }
}
