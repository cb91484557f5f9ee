<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;

/** The oil level as the engine came in, and what was decided about it if it stood above the top mark. */
final readonly class Arrival
{
    public function __construct(public DipstickReading $reading, public Minutes $rest, public ?string $decision)
    {
    }
}
