<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Due\Visit;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Reminder\Message;

/** A rig with all that belongs to it. */
final readonly class BoatPage
{
    /**
     * @param Visit|null      $visit         the next one that bundles best; null if nothing has a day
     * @param list<OrderFile> $orders        newest first
     * @param list<Message>   $messages      newest first
     * @param string|null     $calendarToken null: nobody has asked for a calendar yet
     */
    public function __construct(public BoatState $state, public ?Visit $visit, public array $orders, public array $messages, public ?string $calendarToken)
    {
    }
}
