<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Shop\Bench\OpenBench;
use FreshTack\Shop\Book\CountHoles;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ShowDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Register;
use Psr\Clock\ClockInterface;

/** What there is to do in the shop today. */
final readonly class ShowBoard
{
    private const RELEASED_SINCE = '-7 days';

    private const MOST_PRESSING = 12;

    public function __construct(private Orders $orders, private Register $register, private ShowDues $dues, private OpenBench $bench, private Refusals $refusals, private CountHoles $holes, private ClockInterface $clock)
    {
    }

    public function __invoke(): BoardState
    {
        $files = $this->orders->current($this->clock->now()->modify(self::RELEASED_SINCE));
        $boats = [];
        foreach ($files as $file) {
            $boats[$file->boatId] ??= $this->boat($file);
        }
        $lines = array_map(fn (OrderFile $file): BoardLine => $this->line($file, $boats[$file->boatId]), $files);

        return new BoardState($lines, $this->dues->board(), $this->dues->now(0, self::MOST_PRESSING), \count($this->refusals->waiting()), ($this->holes)());
    }

    private function boat(OrderFile $file): Boat
    {
        try {
            return $this->register->boat($file->boatId);
        } catch (NotFound $error) {
            throw new \LogicException('An order without a boat.', 0, $error);
        }
    }

    private function line(OrderFile $file, Boat $boat): BoardLine
    {
        if (!$file->status->isAtBench()) {
            return new BoardLine($file, $boat, null, 0, 0);
        }

        try {
            $view = $this->bench->of($file);
        } catch (Conflict $error) {
            throw new \LogicException('An issued order without a document.', 0, $error);
        }
        $done = array_filter($view->plan->steps, static fn (BenchStep $step): bool => $view->log->isDone($step));

        return new BoardLine($file, $boat, $view->log->stoppedBy, \count($done), \count($view->plan->steps));
    }
}
