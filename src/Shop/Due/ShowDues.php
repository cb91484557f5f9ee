<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Shop\Progress;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** What presses, from the days that are kept: it costs the same however many engines there are. */
final readonly class ShowDues
{
    private const WEEKS = 8;

    public function __construct(
        private DueIndex $index,
        private Register $register,
        private Progress $progress,
        private ShopSettings $settings,
        private Today $today,
    ) {
    }

    public function board(): DueBoard
    {
        $today = ($this->today)();
        $stale = $this->index->stale();
        $weeks = self::weeks($today, $this->settings->premises()->firstDayOfWeek());
        $counts = $this->index->counts(
            [DueKind::Due, null, $today],
            [DueKind::Expected, null, $today],
            [DueKind::NoRecord, null, $today],
            ...array_map(static fn (array $week): array => [DueKind::Expected, $week['from'], $week['to']], $weeks),
        );

        return new DueBoard(
            $stale,
            0 === $stale ? null : $this->progress->of(ReckonStale::PROGRESS),
            $counts[0] ?? 0,
            $counts[1] ?? 0,
            $counts[2] ?? 0,
            array_map(static fn (array $week, int $at): array => [...$week, 'engines' => $counts[$at + 3] ?? 0], $weeks, array_keys($weeks)),
        );
    }

    /**
     * @param int $firstDay of a week: 1 is Monday
     *
     * @return list<array{from: \DateTimeImmutable, to: \DateTimeImmutable}> this one from tomorrow on, which on its last day is none
     */
    private static function weeks(\DateTimeImmutable $today, int $firstDay): array
    {
        $began = $today->modify(\sprintf('-%d days', ((int) $today->format('N') - $firstDay + 7) % 7));

        return array_map(static fn (int $week): array => [
            'from' => 0 === $week ? $today->modify('+1 day') : $began->modify("+$week weeks"),
            'to' => $began->modify("+$week weeks")->modify('+6 days'),
        ], range(0, self::WEEKS - 1));
    }

    /** @return list<EnginePressing> that have something due, the longest first */
    public function now(int $skip, int $most): array
    {
        return $this->lines($this->index->between(DueKind::Due, null, ($this->today)(), $skip, $most));
    }

    /** @return list<EnginePressing> of whose tasks some may never have been done */
    public function withoutRecord(int $skip, int $most): array
    {
        return $this->lines($this->index->between(DueKind::NoRecord, null, ($this->today)(), $skip, $most));
    }

    /** @return list<EnginePressing> that are expected to have something due in these days; from the beginning if null */
    public function expected(?\DateTimeImmutable $from, \DateTimeImmutable $to, int $skip, int $most): array
    {
        return $this->lines($this->index->between(DueKind::Expected, $from, $to, $skip, $most));
    }

    /**
     * @param list<EngineDays> $days
     *
     * @return list<EnginePressing>
     */
    private function lines(array $days): array
    {
        $boats = $this->register->boatsWith(array_map(static fn (EngineDays $each): int => $each->engineId, $days));
        $lines = [];
        foreach ($days as $each) {
            $boat = $boats[$each->engineId] ?? null;
            $engine = $boat?->engine($each->engineId);
            if (null !== $boat && null !== $engine) {
                $lines[] = new EnginePressing($boat, $engine, $each);
            }
        }

        return $lines;
    }
}
