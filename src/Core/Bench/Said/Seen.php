<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Quantity\Volume;

/** What was seen. */
final readonly class Seen implements Detail
{
    /** @param Volume|null $drained of old oil, how much came out; null: nobody measured it */
    public function __construct(public Observation $observation, public ?Volume $drained = null)
    {
    }

    public function asText(): string
    {
        return $this->observation->label().(null === $this->drained ? '' : '; '.$this->drained->inBothUnits().' came out');
    }
}
