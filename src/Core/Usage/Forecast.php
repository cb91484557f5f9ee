<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** When a limit of hours will be reached: a range, never a point. */
final readonly class Forecast
{
    /**
     * @param \DateTimeImmutable|null $latest null: at the slow end of the range not within twenty years
     * @param int                     $points readings (and the day in service) that it rests on
     * @param bool                    $thin   too few of them to lean on
     */
    public function __construct(public \DateTimeImmutable $earliest, public \DateTimeImmutable $likely, public ?\DateTimeImmutable $latest, public int $points, public bool $thin)
    {
    }

    public function text(): string
    {
        $range = null === $this->latest
            ? 'from '.$this->earliest->format('j M Y').' on'
            : \sprintf('%s to %s', $this->earliest->format('j M Y'), $this->latest->format('j M Y'));

        return $this->thin ? \sprintf('%s (only %d points: a rough guess)', $range, $this->points) : $range;
    }
}
