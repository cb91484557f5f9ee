<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Plan\ReadyBy;

/** When a boat is ready, and when if it also takes what is only laid out in case it is needed and is short. */
final readonly class Readiness
{
    /**
     * @param ReadyBy|null $ifNeeded null: nothing that is only perhaps needed is short
     * @param list<string> $perhaps  numbers of what is
     */
    public function __construct(public ReadyBy $planned, public ?ReadyBy $ifNeeded, public array $perhaps)
    {
    }
}
