<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** For how long one rather waits than begins something else. */
final readonly class Patience
{
    /**
     * @param int $placeMin  minutes for what goes on where one stands, before one walks away
     * @param int $personMin minutes for a second person
     * @param int $worthMin  minutes for what is worth more than what could be begun, and would end later
     */
    public function __construct(public int $placeMin, public int $personMin, public int $worthMin)
    {
    }
}
