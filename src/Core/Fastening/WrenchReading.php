<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/** What a digital torque wrench read at its last pull. */
final readonly class WrenchReading
{
    /** @param string $id by which two pulls are told apart */
    public function __construct(public string $id, public TorqueWrench $wrench, public Torque $torque)
    {
    }
}
