<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Finding\Settlement;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;

/** What an owner is told of an engine beside what was done: what to watch, and what nobody has tried. */
final readonly class OwnerNotes
{
    public function __construct(private IssuedOrder $order, private BenchLog $log)
    {
    }

    /** @return list<string> in sentences: what was found and not put right, and what stays due */
    public function watch(Position $position): array
    {
        $watch = [];
        foreach ($this->log->findings() as $finding) {
            if ($position === $finding->position && Settlement::Done !== $finding->settled?->how) {
                $words = null === $finding->settled ? 'nobody has decided about it' : $finding->settled->asText();
                $watch[] = \sprintf('%s: %s; %s.', $finding->title, lcfirst($finding->text), rtrim($words, '. '));
            }
        }
        foreach ($this->log->outcomes()->tasks($position) as $outcome) {
            if (!$outcome->isDone()) {
                $watch[] = $outcome->task->title.' stays due.';
            }
        }

        return $watch;
    }

    /**
     * When it is due again: by the first of all that was done, by day and by hours, whichever comes first.
     *
     * @param EngineHours|null $now null: nobody knows
     *
     * @return array{\DateTimeImmutable|null, EngineHours|null} null: nothing that was done is due by it
     */
    public function next(Position $position, \DateTimeImmutable $day, ?EngineHours $now): array
    {
        $days = $hours = [];
        foreach ($this->log->outcomes()->tasks($position) as $outcome) {
            $days[] = $outcome->nextDay($day);
            $hours[] = $outcome->nextHours($now);
        }
        $days = array_filter($days);
        $hours = array_filter($hours);
        usort($hours, static fn (EngineHours $one, EngineHours $other): int => $one->tenths <=> $other->tenths);

        return [[] === $days ? null : min($days), $hours[0] ?? null];
    }

    /** @return list<string> in sentences; nothing: it was run, and tried under load on the water */
    public function untested(Position $position): array
    {
        $untested = [];
        // a run before the work, to warm the oil, says nothing of what was done since
        if (!$this->isLastDone($position, static fn (BenchStep $step): bool => $step->has(Effect::Started))) {
            $untested[] = 'The engine was not run after the work.';
        }
        if (!$this->isLastDone($position, static fn (BenchStep $step): bool => Measure::FullThrottle === $step->measure?->measure)) {
            $untested[] = 'It was not tried under load on the water: full throttle, and shifting under way.';
        }

        return $untested;
    }

    /** @param \Closure(BenchStep): bool $is */
    private function isLastDone(Position $position, \Closure $is): bool
    {
        $own = array_filter(
            $this->order->steps,
            static fn (BenchStep $step): bool => \in_array($step->position, [$position, null], true) && $is($step),
        );
        $last = end($own);

        return false !== $last && $this->log->isDone($last);
    }
}
