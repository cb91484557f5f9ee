<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Plan\ReadyBy;
use FreshTack\Shop\ShopSettings;
use Psr\Clock\ClockInterface;

/** When a boat is ready if the work begins now, by the plan, the working hours and the parts that are still to come. */
final readonly class ForeseeReady
{
    public function __construct(private ShopSettings $settings, private ClockInterface $clock)
    {
    }

    public function __invoke(WorkOrder $order, Draft $draft): ReadyBy
    {
        $zone = $this->settings->zone();
        $now = $this->clock->now()->setTimezone($zone);
        $short = array_values(array_filter($order->parts->lines, static fn (PartLine $line): bool => $line->short() > 0 && !$line->atHand));
        $days = array_map(static fn (PartLine $line): ?\DateTimeImmutable => $draft->partsOn ?? $line->arrivesOn($now), $short);
        $last = [] === $days ? null : max($days);
        $arrival = null === $last ? null : new \DateTimeImmutable($last->format('Y-m-d'), $zone);
        $unknown = array_values(array_filter(array_map(static fn (PartLine $line, ?\DateTimeImmutable $day): ?string => null === $day ? $line->number : null, $short, $days), \is_string(...)));

        return ReadyBy::of($order->timeline, $this->settings->workingHours(), $now, $arrival, $unknown);
    }
}
