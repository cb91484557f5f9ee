<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Shop\Bench\OpenBench;
use FreshTack\Shop\Book\ListHoles;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Boat;
use Psr\Clock\ClockInterface;

/** What there is to do in the shop today. */
final readonly class ShowBoard
{
    private const RELEASED_SINCE = '-7 days';

    public function __construct(private Orders $orders, private ShowBoats $boats, private OpenBench $bench, private Refusals $refusals, private ListHoles $holes, private ClockInterface $clock)
    {
    }

    public function __invoke(): BoardState
    {
        $boats = $this->boats->all();
        $byId = [];
        foreach ($boats as $state) {
            $byId[$state->boat->id] = $state->boat;
        }
        $files = $this->orders->current($this->clock->now()->modify(self::RELEASED_SINCE));
        $lines = array_map(fn (OrderFile $file): BoardLine => $this->line($file, $byId[$file->boatId]), $files);

        return new BoardState($lines, $boats, \count($this->refusals->waiting()), \count(($this->holes)()));
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
