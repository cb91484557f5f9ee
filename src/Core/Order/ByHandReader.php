<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Reading\Cursor;

final readonly class ByHandReader
{
    private const LONGEST_STEP_MIN = 480;

    /** Flaws are noted at their fields. Nothing there: nothing was changed. */
    public static function at(Cursor $byHand): ByHand
    {
        if ($byHand->isNull()) {
            return new ByHand();
        }
        $byHand->knowsOnly('moves', 'steps');
        $steps = array_values(array_filter(array_map(self::step(...), $byHand->at('steps')->list(0, 40))));
        $ids = array_map(static fn (HandStep $step): string => $step->id, $steps);
        if (\count($ids) !== \count(array_unique($ids))) {
            $byHand->at('steps')->flaw('Two added steps can\'t have the same id.');
        }

        $moves = array_map(self::move(...), $byHand->at('moves')->list(0, 200));

        return new ByHand(array_values(array_filter($moves, static fn (?HandMove $move): bool => null !== $move)), $steps);
    }

    private static function move(Cursor $move): ?HandMove
    {
        $move->knowsOnly('work', 'before');
        $work = self::id($move->at('work'));
        $before = self::id($move->at('before'));
        if (null === $work || null === $before) {
            return null;
        }
        if (null === $work->position || null === $before->position) {
            $move->at('work')->flaw('Work on the whole rig keeps its place: move what is done at an engine.');
        }

        return new HandMove($work, $before);
    }

    private static function id(Cursor $id): ?WorkId
    {
        $text = $id->string(80);
        $read = WorkId::read($text);
        if (null === $read && '' !== $text) {
            $id->flaw('This names no operation of an order.');
        }

        return $read;
    }

    private static function step(Cursor $step): ?HandStep
    {
        $step->knowsOnly('id', 'after', 'text', 'attendedMin');
        $id = $step->at('id')->string(20);
        if (!HandStep::isId($id)) {
            $step->at('id')->flaw('This must be "hand-" and a number.');
        }
        $after = WorkId::read($step->at('after')->string(80));
        if (null === $after) {
            $step->at('after')->flaw('Say which operation it follows.');
        }
        $text = $step->at('text')->string(300);
        $minutes = $step->at('attendedMin')->int(0, self::LONGEST_STEP_MIN);
        $attended = $step->at('attendedMin')->attempt(static fn (): Minutes => Minutes::of($minutes));

        return null === $attended || null === $after ? null : new HandStep($id, $after, $text, $attended);
    }
}
