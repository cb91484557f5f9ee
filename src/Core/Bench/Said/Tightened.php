<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Quantity\Torque;

/** A torque, and the wrench that it was set with. */
final readonly class Tightened implements Detail
{
    /** @param string $reason why this wrench, if it is not one that the figure asks for */
    public function __construct(public Torque $torque, public string $wrench, public string $reason = '')
    {
    }

    /** In both units: whoever reads the record may think in either. */
    public function asText(): string
    {
        return \sprintf('%s (%s)', $this->torque->asGiven(), $this->torque->converted())
            .('' === $this->wrench ? '' : ' with '.$this->wrench)
            .('' === $this->reason ? '' : ' ('.$this->reason.')');
    }
}
