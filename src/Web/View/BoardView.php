<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\BoardState;
use FreshTack\Shop\Board\LaneOrder;
use FreshTack\Shop\Board\LaneState;
use FreshTack\Shop\Due\EnginePressing;

final readonly class BoardView
{
    /** @return array<string, mixed> */
    public static function of(BoardState $board, \DateTimeImmutable $today): array
    {
        return [
            'lanes' => array_map(static fn (LaneState $lane): array => ['lane' => $lane->lane->value, 'count' => $lane->count, 'orders' => array_map(self::order(...), $lane->orders)], $board->lanes),
            'dues' => DueView::board($board->dues),
            'pressing' => array_map(static fn (EnginePressing $line): array => DueView::line($line, $today), $board->pressing),
            'refusals' => $board->refusals,
            'holes' => $board->holes,
        ];
    }

    /** @return array<string, mixed> */
    public static function order(LaneOrder $order): array
    {
        return [
            'number' => $order->number,
            'status' => $order->status->value,
            'boatId' => $order->boatId,
            'boat' => $order->boatName,
            'stoppedBy' => $order->tally->stopLabel(),
            'stepsDone' => $order->tally->stepsDone,
            'steps' => $order->tally->steps,
            'writer' => $order->writer,
            'technician' => $order->technician,
            'since' => $order->since->format(\DATE_ATOM),
            'readyBy' => $order->readyBy?->format(\DATE_ATOM),
        ];
    }
}
