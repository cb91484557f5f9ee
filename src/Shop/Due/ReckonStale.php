<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;

/** Works through the marked engines in small units, so that nobody at the counter waits for it. */
final readonly class ReckonStale
{
    public const PROGRESS = 'due-days';
    private const BATCH = 20;

    public function __construct(private DueIndex $index, private ReckonDues $reckon, private Unit $unit, private Progress $progress)
    {
    }

    /** @throws Conflict if a row was changed meanwhile: whoever called tries again */
    public function __invoke(): void
    {
        $done = 0;
        for ($left = $this->index->stale(); $left > 0; $left = $now) {
            $this->progress->tell(self::PROGRESS, $done, $done + $left);
            $this->unit->run(function (): void {
                $stale = $this->index->nextStale(self::BATCH);
                $this->reckon->lockWithNeighbours(...$stale);
                array_map($this->one(...), $stale);
            });
            $this->unit->letGo();
            $now = $this->index->stale();
            $done += max(0, $left - $now);
        }
        $this->progress->tell(self::PROGRESS, $done, $done);
    }

    private function one(int $engineId): void
    {
        try {
            $this->reckon->ofEngine($engineId);
        } catch (NotFound) {
            $this->index->forget([$engineId]);
        }
    }
}
