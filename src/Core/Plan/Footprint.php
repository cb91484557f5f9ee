<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * What a work asks of an engine and what it changes on it; attitude and lockout left aside, which are set as they are
 * needed. Two works may change places, or go on side by side, only if neither changes what the other asks or changes:
 * then every gate is found as it was before.
 */
final readonly class Footprint
{
    /** Gates that follow from how the engine is locked out. */
    private const MODES = [Gate::LockedOut, Gate::NotLockedOut, Gate::StartInhibited];

    /**
     * @param array<string, true> $asks
     * @param array<string, Change> $changes
     */
    private function __construct(public array $asks, public array $changes)
    {
    }

    public static function of(Needs $needs, Changes $changes): self
    {
        $secured = Lockout::Locked === $needs->lockout || Lockout::Powered === $needs->lockout;
        $asked = array_merge($needs->gates, ...array_map(Gate::before(...), $changes->effects));
        $asks = [
            ...array_map(self::gate(...), array_filter($asked, static fn (Gate $gate): bool => !$secured || Gate::NotRunning !== $gate)),
            ...array_map(self::opening(...), array_merge(
                $needs->open,
                $needs->shut,
                Opening::Cowl === $changes->closes ? Opening::cases() : [],
                Opening::Propeller === $changes->opens ? [Opening::LowerUnit] : [],
                ...array_map(Opening::shutBefore(...), $changes->effects),
            )),
        ];
        $met = array_map(
            self::gate(...),
            array_merge(...array_map(static fn (Effect $effect): array => $effect->meets(), $changes->effects)),
        );
        $broken = array_map(
            self::gate(...),
            array_merge(...array_map(static fn (Effect $effect): array => $effect->breaks(), $changes->effects)),
        );
        $changed = [
            ...array_fill_keys($met, Change::Met),
            ...array_fill_keys(array_diff($broken, $met), Change::Broken),
            ...array_fill_keys(array_intersect($broken, $met), Change::Both),
            ...array_fill_keys(array_map(self::opening(...), array_filter([$changes->opens, $changes->closes])), Change::Both),
        ];
        $modes = array_fill_keys(array_map(self::gate(...), self::MODES), true);

        return new self(array_diff_key(array_fill_keys($asks, true), $modes), array_diff_key($changed, $modes));
    }

    private static function gate(Gate $gate): string
    {
        return 'gate.'.$gate->value;
    }

    private static function opening(Opening $opening): string
    {
        return 'open.'.$opening->value;
    }
}
