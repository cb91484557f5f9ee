<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * What a work asks of an engine and what it changes on it. Two works may change places, or go on side by side, only if
 * neither changes what the other asks or changes: then every gate is found as it was before.
 */
final readonly class Footprint
{
    private const ATTITUDE = 'attitude';

    /**
     * @param array<string, true> $asks
     * @param array<string, true> $changes
     * @param array<string, true> $modes   what of it the lockout asks, which is set as it is needed
     */
    private function __construct(public array $asks, public array $changes, private array $modes)
    {
    }

    public static function of(PlannedWork $work): self
    {
        $asks = [
            ...array_map(self::gate(...), array_merge($work->lockout->gates(), $work->cold ? [Gate::Cold] : [], $work->only, ...array_map(Gate::before(...), $work->effects))),
            ...array_map(self::opening(...), array_merge($work->openings, $work->shut, Opening::Cowl === $work->closes ? Opening::cases() : [], ...array_map(Opening::shutBefore(...), $work->effects))),
            ...(null === $work->attitude ? [] : [self::ATTITUDE]),
        ];
        $changes = [
            ...array_map(self::gate(...), array_merge(...array_map(static fn (Effect $effect): array => [...$effect->meets(), ...$effect->breaks()], $work->effects))),
            ...array_map(self::opening(...), array_filter([$work->opens, $work->closes])),
            ...(null === $work->turnsTo() ? [] : [self::ATTITUDE]),
            ...(null === $work->opens ? [] : [self::gate(Gate::CountedOut)]),
        ];

        return new self(array_fill_keys($asks, true), array_fill_keys($changes, true), self::modes($work));
    }

    /** The same without attitude and lockout, which are set as they are needed. */
    public function withoutModes(): self
    {
        $modes = [self::ATTITUDE => true, self::gate(Gate::LockedOut) => true, self::gate(Gate::NotLockedOut) => true];

        return new self(array_diff_key($this->asks, $modes, $this->modes), array_diff_key($this->changes, $modes), []);
    }

    /** @return array<string, true> */
    private static function modes(PlannedWork $work): array
    {
        return Lockout::Locked === $work->lockout ? [self::gate(Gate::NotRunning) => true] : [];
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
