<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Board\ShowBoats;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;
use Psr\Clock\ClockInterface;

/** Works out the days of engines anew and keeps them: in the same unit of work as whatever changed them. */
final readonly class ReckonDues
{
    public function __construct(private Register $register, private ShowBoats $boats, private DueIndex $index, private ClockInterface $clock)
    {
    }

    /** @throws NotFound */
    public function ofBoat(int $boatId): void
    {
        $this->index->lock(array_map(static fn (Engine $engine): int => $engine->id, $this->register->boat($boatId)->engines));
        $this->index->put(array_map(static fn (EngineAssessment $engine): EngineDays => $engine->days(), $this->boats->one($boatId)->engines), $this->clock->now());
    }

    /**
     * An engine in store has no days: nobody brings it.
     *
     * @throws NotFound
     */
    public function ofEngine(int $engineId): void
    {
        $boatId = $this->register->engine($engineId)->boatId;
        if (null === $boatId) {
            $this->forget($engineId);
        } else {
            $this->ofBoat($boatId);
        }
    }

    /** Nobody else writes the hours and services of these engines until the unit of work ends. */
    public function lock(int ...$engineIds): void
    {
        $this->index->lock(array_values($engineIds));
    }

    /** All engines that hang beside these: whoever works out many locks them together, so that nobody waits in a circle. */
    public function lockWithNeighbours(int ...$engineIds): void
    {
        $all = $engineIds;
        foreach ($this->register->boatsWith(array_values($engineIds)) as $boat) {
            array_push($all, ...array_map(static fn (Engine $engine): int => $engine->id, $boat->engines));
        }
        $this->lock(...array_unique($all));
    }

    public function forget(int $engineId): void
    {
        $this->lock($engineId);
        $this->index->forget([$engineId]);
    }
}
