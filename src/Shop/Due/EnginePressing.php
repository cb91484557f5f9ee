<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;

/** One line of the due list. */
final readonly class EnginePressing
{
    public function __construct(public Boat $boat, public Engine $engine, public EngineDays $days)
    {
    }
}
