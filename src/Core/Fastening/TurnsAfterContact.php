<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Turned on by hand until the gasket touches, then on by a part of a turn. */
final readonly class TurnsAfterContact implements Tightening
{
    private function __construct(public TurnsRange $range)
    {
    }

    /** @throws InvalidTightening unless min ≤ max */
    public static function of(Turns $min, Turns $max): self
    {
        return new self(TurnsRange::of('Turns after contact', $min, $max));
    }

    public function figure(): string
    {
        return $this->range->figure();
    }

    public function detail(): string
    {
        return 'counted from where the gasket first touches';
    }

    public function usedAgain(): self
    {
        return $this;
    }

    public function entryKind(): string
    {
        return 'turns';
    }

    public function torque(): null
    {
        return null;
    }

    public function turns(): TurnsRange
    {
        return $this->range;
    }
}
