<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Order\ByHand;
use FreshTack\Core\Order\HandStep;
use FreshTack\Core\Plan\HandMove;

/** What somebody changed of the computed order, as it is read. */
final readonly class ByHandDocument
{
    /**
     * @return array{
     *     moves: list<array{work: string, before: string}>,
     *     steps: list<array{id: string, after: string, text: string, attendedMin: int}>,
     * }
     */
    public static function of(ByHand $byHand): array
    {
        return [
            'moves' => array_map(
                static fn (HandMove $move): array => ['work' => $move->work->text, 'before' => $move->before->text],
                $byHand->moves,
            ),
            'steps' => array_map(static fn (HandStep $step): array => [
                'id' => $step->id,
                'after' => $step->after->text,
                'text' => $step->text,
                'attendedMin' => $step->attended->count,
            ], $byHand->steps),
        ];
    }
}
