<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\Offer;

final readonly class TaskOffer
{
    /**
     * @param \DateTimeImmutable|null $expectedOn when it would be due
     * @param bool                    $beforeNext whether that is before the tasks of this order are due again
     * @param bool                    $byPolicy   the shop looks at it early, whatever the sheet says
     */
    public function __construct(public Offer $offer, public int $engineId, public ?\DateTimeImmutable $expectedOn, public bool $beforeNext, public bool $byPolicy = false)
    {
    }
}
