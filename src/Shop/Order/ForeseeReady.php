<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\Arrivals;
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

    public function __invoke(WorkOrder $order, Draft $draft): Readiness
    {
        $short = array_filter($order->parts->lines, static fn (PartLine $line): bool => $line->short() > 0);
        $used = array_values(array_filter($short, static fn (PartLine $line): bool => !$line->atHand));
        $perhaps = array_values(array_filter($short, static fn (PartLine $line): bool => $line->atHand));

        return new Readiness(
            $this->with($used, $order, $draft),
            [] === $perhaps ? null : $this->with(array_values($short), $order, $draft),
            array_map(static fn (PartLine $line): string => $line->number, $perhaps),
        );
    }

    /** @param list<PartLine> $short what the work waits for */
    private function with(array $short, WorkOrder $order, Draft $draft): ReadyBy
    {
        $zone = $this->settings->zone();
        $now = $this->clock->now()->setTimezone($zone);
        $arrivals = Arrivals::of($short, $now, $draft->partsOn);
        $last = null === $arrivals->last ? null : new \DateTimeImmutable($arrivals->last->format('Y-m-d'), $zone);

        return ReadyBy::of($order->timeline, $this->settings->workingHours(), $now, $last, $arrivals->unknown);
    }
}
