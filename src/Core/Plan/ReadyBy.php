<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** When a rig will be ready, and what that hangs on. */
final readonly class ReadyBy
{
    /**
     * @param \DateTimeImmutable|null $at      null: it can't be said
     * @param list<string>            $reasons in plain words, what moves it first
     */
    private function __construct(public ?\DateTimeImmutable $at, public array $reasons)
    {
    }

    /**
     * Work with hands goes on in working hours; a wait goes on through the night.
     *
     * @param \DateTimeImmutable      $now      in the shop's own time
     * @param \DateTimeImmutable|null $partsOn  the day on which the last missing part is expected; null: nothing is missing
     * @param list<string>            $unknown  parts that are missing with no day known
     */
    public static function of(Timeline $timeline, WorkingHours $hours, \DateTimeImmutable $now, ?\DateTimeImmutable $partsOn, array $unknown): self
    {
        if ([] !== $unknown) {
            return new self(null, [\sprintf('Short, and nobody knows until when: %s.', implode(', ', $unknown)), self::work($timeline)]);
        }
        if (!$hours->isOpenEver()) {
            return new self(null, ['The shop has no working hours.']);
        }
        $start = $hours->opensFrom(max($now, $partsOn ?? $now));
        $at = self::through($timeline, $hours, $start);
        $nights = (int) $start->modify('midnight')->diff($at->modify('midnight'))->format('%a');

        return new self($at, array_values(array_filter([
            null !== $partsOn && $partsOn > $now ? \sprintf('Begins on %s, when the last missing part is expected.', $partsOn->format('D j M')) : null,
            self::work($timeline),
            $nights > 0 ? \sprintf('Does not fit into one working day: it goes on over %d %s.', $nights, 1 === $nights ? 'night' : 'nights') : null,
        ], \is_string(...))));
    }

    private static function work(Timeline $timeline): string
    {
        return \sprintf(
            '%d min from the first hand to the last with %d %s, %d min of it hands-on work%s.',
            $timeline->elapsedMin,
            $timeline->technicians,
            1 === $timeline->technicians ? 'technician' : 'technicians',
            $timeline->handsOnMin(),
            $timeline->presenceMin() > 0 ? \sprintf(' and %d min by a running engine', $timeline->presenceMin()) : '',
        );
    }

    private static function through(Timeline $timeline, WorkingHours $hours, \DateTimeImmutable $moment): \DateTimeImmutable
    {
        foreach (self::stretches($timeline) as [$minutes, $hands]) {
            while ($minutes > 0) {
                $moment = $hands ? $hours->opensFrom($moment) : $moment;
                $step = $hands ? min($minutes, $hours->leftAt($moment)) : $minutes;
                $moment = $moment->modify(\sprintf('+%d minutes', $step));
                $minutes -= $step;
            }
        }

        return $moment;
    }

    /** @return list<array{int, bool}> minutes, and whether anybody has hands on anything */
    private static function stretches(Timeline $timeline): array
    {
        $busy = [];
        foreach ($timeline->entries as $entry) {
            for ($minute = $entry->startMin; $minute < $entry->heldEndMin; ++$minute) {
                $busy[$minute] = true;
            }
        }
        $stretches = [];
        for ($minute = 0; $minute < $timeline->elapsedMin; ++$minute) {
            $last = \count($stretches) - 1;
            if ($last >= 0 && $stretches[$last][1] === isset($busy[$minute])) {
                ++$stretches[$last][0];
            } else {
                $stretches[] = [1, isset($busy[$minute])];
            }
        }

        return $stretches;
    }
}
