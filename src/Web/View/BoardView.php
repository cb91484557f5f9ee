<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\BoardLine;
use FreshTack\Shop\Board\BoardState;
use FreshTack\Shop\Due\EnginePressing;

final readonly class BoardView
{
    /** @return array<string, mixed> */
    public static function of(BoardState $board, \DateTimeImmutable $today): array
    {
        return [
            'orders' => array_map(static fn (BoardLine $line): array => OrderFileView::line($line->file, $line->boat, $line->stoppedBy?->label(), $line->stepsDone, $line->steps), $board->orders),
            'dues' => DueView::board($board->dues),
            'pressing' => array_map(static fn (EnginePressing $line): array => DueView::line($line, $today), $board->pressing),
            'refusals' => $board->refusals,
            'holes' => $board->holes,
        ];
    }
}
