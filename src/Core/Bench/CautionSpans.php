<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;

/**
 * So long it counts that somebody has read the cautions: from one lockout of an engine to the next, as the order is
 * planned. Work on the whole rig has spans of its own.
 */
final readonly class CautionSpans
{
    /** @var array<string, string> span by step */
    private array $spans;

    public function __construct(IssuedOrder $order)
    {
        $positions = ['', ...array_column($order->rig->positions, 'value')];
        $lockouts = array_fill_keys($positions, 0);
        $isFree = array_fill_keys($positions, true);
        $spans = [];
        foreach ($order->all as $work) {
            $own = $work->work->position->value ?? '';
            $with = '' === $own || $order->rig->shared ? $positions : [$own];
            foreach ($work->work->changes->effects as $effect) {
                foreach ($with as $position) {
                    if (Effect::LockedOut === $effect && $isFree[$position]) {
                        ++$lockouts[$position];
                    }
                    $isFree[$position] = match ($effect) {
                        Effect::LockedOut => false,
                        Effect::LockoutLifted => true,
                        default => $isFree[$position],
                    };
                }
            }
            foreach ($work->steps as $step) {
                $spans[$step->id] = trim($own.' '.$lockouts[$own]);
            }
        }
        $this->spans = $spans;
    }

    /** @return string the same for all steps within one span */
    public function of(BenchStep $step): string
    {
        return $this->spans[$step->id];
    }

    /** @return array<string, true> spans whose cautions this person has read */
    public function readBy(string $by, BenchLog $log): array
    {
        $read = [];
        foreach ($log->entries as $entry) {
            if (EntryKind::Acknowledged === $entry->content->kind && $by === $entry->by) {
                $read[$this->spans[$entry->stepId]] = true;
            }
        }

        return $read;
    }
}
