<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Due\VisitFinder;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Reminder\CalendarFeeds;
use FreshTack\Shop\Reminder\Outbox;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

final readonly class ShowBoatPage
{
    public function __construct(private ShowBoats $boats, private Orders $orders, private Outbox $outbox, private CalendarFeeds $feeds, private ShopSettings $settings, private Today $today)
    {
    }

    /** @throws NotFound */
    public function __invoke(int $id): BoatPage
    {
        $state = $this->boats->one($id);
        $visit = (new VisitFinder($this->settings->duePolicy()))->next($state->dues(), ($this->today)());

        return new BoatPage($state, $visit, $this->orders->ofBoat($id), $this->outbox->ofBoat($id), $this->feeds->token($id));
    }
}
