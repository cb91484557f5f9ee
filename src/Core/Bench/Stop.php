<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;

/** What stops the work until somebody decides: something found, or something that was not to happen and did. */
final readonly class Stop
{
    private const HAPPENED = 'happened';
    /** What endangers the whole rig and not its engine alone. */
    private const OF_THE_RIG = [
        Gate::RigFuelTight,
        Gate::FuelTight,
        Gate::FuelPanShut,
        Gate::NoVapour,
        Gate::SharedLockout,
        Gate::NeighboursClear,
        Gate::FuelNext,
    ];

    /**
     * @param string        $key      of the observation, or that it happened all the same
     * @param Position|null $position null: it stops the whole rig
     */
    private function __construct(
        public string $entry,
        public string $stepId,
        public string $key,
        public ?Position $position,
        public string $label,
        public string $meaning,
        public string $instruction,
    ) {
    }

    public static function found(Entry $entry, BenchStep $step, Observation $seen): self
    {
        $position = Observation::LeaksFuel === $seen ? null : $step->position;

        return new self($entry->uuid, $step->id, $seen->value, $position, $seen->label(), $seen->meaning(), (string) $seen->instruction());
    }

    /** @param string $why what speaks against it */
    public static function happened(Entry $entry, BenchStep $step, ?Gate $gate, string $why): self
    {
        return new self(
            $entry->uuid,
            $step->id,
            self::HAPPENED,
            \in_array($gate, self::OF_THE_RIG, true) ? null : $step->position,
            self::labelOf(self::HAPPENED).': '.lcfirst($step->title),
            $why,
            'Stop. Make the engine safe, and call the lead technician.',
        );
    }

    /** As a board shows what it has kept of it. */
    public static function labelOf(string $key): string
    {
        return Observation::tryFrom($key)?->label() ?? 'Happened all the same';
    }

    public function isOf(?Position $position): bool
    {
        return null === $this->position || null === $position || $position === $this->position;
    }
}
