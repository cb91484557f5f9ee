<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Today;

/** What presses, from the days that are kept: it costs the same however many engines there are. */
final readonly class ShowDues
{
    private const WEEKS = 8;

    public function __construct(private DueIndex $index, private Register $register, private Progress $progress, private Today $today)
    {
    }

    public function board(): DueBoard
    {
        $today = ($this->today)();
        $stale = $this->index->stale();
        $monday = $today->modify('monday this week');
        $weeks = array_map(function (int $week) use ($monday, $today): array {
            $from = 0 === $week ? $today->modify('+1 day') : $monday->modify("+$week weeks");
            $to = $monday->modify("+$week weeks")->modify('+6 days');

            return ['from' => $from, 'to' => $to, 'engines' => $from > $to ? 0 : $this->index->count(DueKind::Expected, $from, $to)];
        }, range(0, self::WEEKS - 1));

        return new DueBoard(
            $stale,
            0 === $stale ? null : $this->progress->of(ReckonStale::PROGRESS),
            $this->index->count(DueKind::Due, null, $today),
            $this->index->count(DueKind::Expected, null, $today),
            $this->index->count(DueKind::NoRecord, null, $today),
            $weeks,
        );
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
        $lines = $boats = [];
        foreach ($days as $each) {
            try {
                $engine = $this->register->engine($each->engineId);
                $boat = $boats[$engine->boatId ?? 0] ??= $this->register->boat($engine->boatId ?? 0);
            } catch (NotFound) {
                continue;
            }
            $lines[] = new EnginePressing($boat, $engine, $each);
        }

        return $lines;
    }
}
