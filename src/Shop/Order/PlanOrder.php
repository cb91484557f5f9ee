<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\WhileThere;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\ReadyBy;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\ShopSettings;
use Psr\Clock\ClockInterface;

/** When the work of a draft would be done and by whom. Writes nothing. */
final readonly class PlanOrder
{
    public function __construct(
        private DraftRequests $requests,
        private OrderBuilder $builder,
        private WhileThere $whileThere,
        private ShopSettings $settings,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return OrderPlan|null null if there is nothing to do
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken
     */
    public function __invoke(OrderFile $file, Draft $draft): ?OrderPlan
    {
        $request = $this->requests->ofPicked($file, $draft)->request;
        if (null === $request) {
            return null;
        }
        $order = $this->builder->build($request, Effort::Preview);

        return $order->hasWork() ? new OrderPlan($order->timeline, $this->readyBy($order, $draft), $this->whileThere->alone($request)->plus($order->byHand())) : null;
    }

    private function readyBy(WorkOrder $order, Draft $draft): ReadyBy
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
