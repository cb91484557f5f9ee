<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Turned down until the washer seats, then on by a part of a turn; less for a washer that was crushed before. */
final readonly class TurnsAfterSeating implements Tightening
{
    private function __construct(public TurnsRange $range, public ?TurnsRange $reused)
    {
    }

    /** @param TurnsRange|null $reused for a washer used again */
    public static function of(TurnsRange $range, ?TurnsRange $reused = null): self
    {
        return new self($range, $reused);
    }

    public function figure(): string
    {
        return $this->range->figure();
    }

    public function detail(): string
    {
        return 'counted from where the washer seats'.(null === $this->reused ? '' : ' · washer used again: '.$this->reused->figure());
    }

    public function usedAgain(): self
    {
        return null === $this->reused ? $this : new self($this->reused, null);
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
