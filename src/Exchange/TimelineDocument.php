<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Plan\TimelineEntry;

/**
 * When everything is done and by whom; minutes from the beginning.
 *
 * @phpstan-type Doc array<string, mixed>
 */
final readonly class TimelineDocument
{
    /** @return Doc */
    public static function of(Timeline $timeline): array
    {
        return [
            'technicians' => $timeline->technicians,
            'elapsedMin' => $timeline->elapsedMin,
            'handsOnMin' => $timeline->handsOnMin(),
            'presenceMin' => $timeline->presenceMin(),
            'boundMin' => $timeline->boundMin,
            'gapPermille' => $timeline->gapPermille(),
            'turns' => $timeline->turns(),
            'changes' => $timeline->changes(),
            'entries' => array_map(static fn (TimelineEntry $entry): array => self::entry($entry, $timeline), $timeline->entries),
        ];
    }

    /** @return Doc */
    private static function entry(TimelineEntry $entry, Timeline $timeline): array
    {
        return [
            'id' => $entry->id(),
            'startMin' => $entry->startMin,
            'attendedEndMin' => $entry->timed->handsOnEndMin(),
            'presenceEndMin' => $entry->heldEndMin,
            'endMin' => $entry->endMin,
            'technicians' => $entry->technicians,
            'helper' => $entry->helper,
            'fills' => $timeline->fills($entry),
        ];
    }
}
