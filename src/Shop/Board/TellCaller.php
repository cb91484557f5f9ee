<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\BenchView;
use FreshTack\Shop\Bench\OpenBench;
use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Order\OrderView;
use FreshTack\Shop\Parts\Catalogue;

/** How far an order is, what it waits for, and what it costs as far as the shop knows. */
final readonly class TellCaller
{
    public function __construct(private OpenBench $bench, private Catalogue $catalogue)
    {
    }

    /** @throws Conflict */
    public function __invoke(OrderView $view): Caller
    {
        $bench = null === $view->file->document ? null : $this->bench->of($view->file);
        $work = Cursor::over($view->work ?? ['parts' => [], 'oil' => []]);
        [$parts, $unpriced] = $this->parts($work);

        return new Caller(
            $view->boat->owner,
            null === $bench ? new Tally(0, 0, null) : Tally::of($bench->plan, $bench->log),
            null === $bench ? null : self::next($bench),
            self::waitsFor($view, $bench, $work),
            null === $bench ? null : self::worker($bench),
            $parts,
            self::oil($work),
            $unpriced,
        );
    }

    private static function next(BenchView $bench): ?string
    {
        $open = array_values(array_filter($bench->plan->steps, static fn (BenchStep $step): bool => !$bench->log->isDone($step)));

        return [] === $open ? null : $open[0]->label.', '.lcfirst($open[0]->title);
    }

    private static function worker(BenchView $bench): ?string
    {
        $entries = $bench->log->entries;

        return [] === $entries ? null : $entries[\count($entries) - 1]->by;
    }

    private static function waitsFor(OrderView $view, ?BenchView $bench, Cursor $work): ?string
    {
        $stopped = $bench?->log->stoppedBy;
        if (null !== $stopped) {
            return 'A decision: '.lcfirst($stopped->label()).'.';
        }
        $short = array_filter($work->at('parts')->list(), static fn (Cursor $part): bool => $part->at('short')->int(0, \PHP_INT_MAX) > 0);
        if ([] !== $short && $view->file->status->isOpen()) {
            return 'Parts: '.implode(', ', array_map(static fn (Cursor $part): string => $part->at('number')->string(), $short)).'.';
        }

        return null;
    }

    /** @return array{int, list<string>} in the smallest coin, and what has no price */
    private function parts(Cursor $work): array
    {
        $known = [] === $work->at('parts')->list() ? [] : $this->catalogue->all();
        $sum = 0;
        $unpriced = [];
        foreach ($work->at('parts')->list() as $part) {
            $number = $part->at('number')->string();
            $price = ($known[$number] ?? null)?->priceMinor;
            if (true === $part->at('atHand')->raw()) {
                continue;
            }
            if (null === $price || 0 === $price) {
                $unpriced[] = $number;
            } else {
                $sum += $price * $part->at('count')->int(0, \PHP_INT_MAX);
            }
        }

        return [$sum, $unpriced];
    }

    private static function oil(Cursor $work): int
    {
        return array_sum(array_map(
            static fn (Cursor $pool): int => $pool->at('plan')->isNull() ? 0 : $pool->at('plan')->at('costMinor')->int(0, \PHP_INT_MAX),
            $work->at('oil')->list(),
        ));
    }
}
