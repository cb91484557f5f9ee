<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Unit;

/** Counts how far the orders at the bench are that were issued before it was kept beside them. */
final readonly class TallyOrders
{
    public function __construct(private Orders $orders, private OpenBench $open, private Unit $unit)
    {
    }

    /**
     * @return int how many were counted
     *
     * @throws Conflict|NotFound if somebody enters at one of them meanwhile
     */
    public function __invoke(): int
    {
        $numbers = array_map(static fn (OrderFile $file): int => $file->number, $this->orders->untallied());
        foreach ($numbers as $number) {
            $this->unit->run(function () use ($number): void {
                $view = $this->open->of($this->orders->getForWork($number));
                $this->orders->setProgress($number, $view->file->status, Tally::of($view->plan, $view->log));
            });
            $this->unit->letGo();
        }

        return \count($numbers);
    }
}
