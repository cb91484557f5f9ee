<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\BoardLine;
use FreshTack\Shop\Board\BoardState;

final readonly class BoardView
{
    /** @return array<string, mixed> */
    public static function of(BoardState $board): array
    {
        return [
            'orders' => array_map(static fn (BoardLine $line): array => OrderFileView::line($line->file, $line->boat, $line->stoppedBy?->label(), $line->stepsDone, $line->steps), $board->orders),
            'boats' => array_map(BoatView::state(...), $board->boats),
            'refusals' => $board->refusals,
            'holes' => $board->holes,
        ];
    }
}
