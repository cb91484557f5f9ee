<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Order\Level;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineState;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;

/** One engine as the log left it: its state, since when it rests, and who is by it while it runs. */
final readonly class EngineAtBench
{
    /**
     * @param \DateTimeImmutable|null $disturbedAt the last run, pour or change of attitude; null: none since it came, or
     *                                             nobody knows when
     * @param Effect|null             $disturbedBy which it was
     * @param string|null             $runBy       who started it; null: it does not run, or nobody knows
     * @param string|null             $filterOffBy who has its oil filter off; null: it is on, or nobody knows
     * @param string|null             $fuelOpenBy  who took a fuel joint apart last; null: nobody did, or nobody knows
     */
    private function __construct(
        public EngineState $state,
        public ?\DateTimeImmutable $disturbedAt,
        private ?Effect $disturbedBy,
        public ?string $runBy,
        public ?string $filterOffBy,
        public ?string $fuelOpenBy,
    ) {
    }

    public static function onArrival(): self
    {
        return new self(EngineState::onArrival(), null, null, null, null, null);
    }

    public function meets(Gate $gate): bool
    {
        return $this->state->meets($gate);
    }

    public function isRunning(): bool
    {
        return !$this->state->meets(Gate::NotRunning);
    }

    /**
     * @param string|null             $by whose hands; null: nobody knows
     * @param \DateTimeImmutable|null $at null: nobody knows when it was
     */
    public function after(Effect $effect, ?string $by, ?\DateTimeImmutable $at): self
    {
        $disturbs = Effect::Stopped === $effect || \in_array(Gate::Rested, $effect->breaks(), true);

        return new self(
            $this->state->after($effect),
            $disturbs ? $at : $this->disturbedAt,
            $disturbs ? $effect : $this->disturbedBy,
            match ($effect) {
                Effect::Started => $by,
                Effect::Stopped => null,
                default => $this->runBy,
            },
            match ($effect) {
                Effect::FilterOff => $by,
                Effect::FilterOn => null,
                default => $this->filterOffBy,
            },
            Effect::FuelOpened === $effect ? $by : $this->fuelOpenBy,
        );
    }

    /** Whether it can be started, as hands at it have to know. */
    public function lockoutText(): string
    {
        return match (true) {
            $this->isRunning() => 'It runs',
            $this->meets(Gate::LockedOut) => 'Locked out',
            $this->meets(Gate::StartInhibited) => 'Start inhibited',
            default => 'Not locked out',
        };
    }

    /** No oil came out of it, and none went in. */
    public function wasLeftAlone(): bool
    {
        return $this->state->meets(Gate::OilInEngine) && $this->state->meets(Gate::DrainShut);
    }

    /** @param list<Opening> $behind what lies in front of it */
    public function withOpened(Opening $opening, array $behind): self
    {
        return new self(
            $this->state->withOpened($opening, $behind),
            $this->disturbedAt,
            $this->disturbedBy,
            $this->runBy,
            $this->filterOffBy,
            $this->fuelOpenBy,
        );
    }

    public function withClosed(Opening $opening): self
    {
        return new self(
            $this->state->withClosed($opening),
            $this->disturbedAt,
            $this->disturbedBy,
            $this->runBy,
            $this->filterOffBy,
            Opening::FuelLine === $opening ? null : $this->fuelOpenBy,
        );
    }

    /** Minutes that a reading waits for after what disturbed the oil last. */
    public function restAfter(?Level $level): int
    {
        return match ($this->disturbedBy) {
            Effect::Started, Effect::Stopped, Effect::Cranked => $level?->restAfterRun->count ?? 0,
            Effect::OilIn => $level?->restAfterPour->count ?? 0,
            default => 0,
        };
    }

    /** From when on it has rested for so long; null: it has not been disturbed since it came. */
    public function restedFrom(int $minutes): ?\DateTimeImmutable
    {
        return $this->disturbedAt?->add(new \DateInterval(\sprintf('PT%dM', $minutes)));
    }
}
