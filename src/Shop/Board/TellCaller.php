<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\BenchView;
use FreshTack\Shop\Bench\OpenBench;
use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderView;
use FreshTack\Shop\Parts\Catalogue;
use FreshTack\Shop\Parts\Confirmation;
use FreshTack\Shop\Parts\Confirmations;

/** How far an order is, what it waits for, and what it costs as far as the shop knows. */
final readonly class TellCaller
{
    public function __construct(private OpenBench $bench, private Catalogue $catalogue, private Confirmations $confirmations)
    {
    }

    /** @throws NotFound|Conflict */
    public function __invoke(OrderView $view): Caller
    {
        // what does not fit its seals is not told to anybody
        $bench = null === $view->file->document || null !== $view->flaw ? null : $this->bench->of($view->file);
        $work = Cursor::over($view->work ?? ['parts' => [], 'oil' => []]);
        $parts = array_values(array_filter(
            $work->at('parts')->list(),
            static fn (Cursor $part): bool => true !== $part->at('atHand')->raw(),
        ));
        [$cost, $unpriced] = $this->cost($parts);
        $entries = $bench?->log->entries ?? [];

        return new Caller(
            $view->boat->owner,
            null === $bench ? new Tally(0, 0, null) : Tally::of($bench->plan, $bench->log),
            null === $bench ? null : self::next($bench),
            $this->waitsFor($view, $bench, $parts),
            [] === $entries ? null : $entries[\count($entries) - 1]->by,
            $cost,
            self::oil($work),
            $unpriced,
        );
    }

    private static function next(BenchView $bench): ?string
    {
        foreach ($bench->plan->steps as $step) {
            if (!$bench->log->isDone($step)) {
                return $step->label.', '.lcfirst($step->title);
            }
        }

        return null;
    }

    /** @param list<Cursor> $parts */
    private function waitsFor(OrderView $view, ?BenchView $bench, array $parts): ?string
    {
        $stopped = $bench?->log->stoppedBy();
        if (null !== $stopped) {
            return 'A decision: '.lcfirst($stopped->label).'.';
        }
        $missing = $view->file->status->isOpen() ? $this->missing($view->file->number, $parts) : [];

        return [] === $missing ? null : 'Parts: '.implode(', ', $missing).'.';
    }

    /**
     * Parts that were short when the order was made, and have not been held against every engine that they are for.
     *
     * @param list<Cursor> $parts
     *
     * @return list<string>
     */
    private function missing(int $order, array $parts): array
    {
        $short = array_filter($parts, static fn (Cursor $part): bool => $part->at('short')->int(0, \PHP_INT_MAX) > 0);
        $held = [] === $short ? [] : array_map(
            static fn (Confirmation $each): array => [$each->number, $each->engine],
            $this->confirmations->of($order),
        );
        $missing = array_filter($short, static fn (Cursor $part): bool => [] !== array_filter(
            $part->at('positions')->strings(),
            static fn (string $engine): bool => !\in_array([$part->at('number')->string(), $engine], $held, true),
        ));

        return array_values(array_map(static fn (Cursor $part): string => $part->at('number')->string(), $missing));
    }

    /**
     * @param list<Cursor> $parts
     *
     * @return array{int, list<string>} in the smallest coin, and what has no price
     */
    private function cost(array $parts): array
    {
        $known = $this->catalogue->find(array_map(static fn (Cursor $part): string => $part->at('number')->string(), $parts));
        $sum = 0;
        $unpriced = [];
        foreach ($parts as $part) {
            $number = $part->at('number')->string();
            $price = ($known[$number] ?? null)->priceMinor ?? 0;
            $sum += $price * $part->at('count')->int(0, \PHP_INT_MAX);
            $unpriced = 0 === $price ? [...$unpriced, $number] : $unpriced;
        }

        return [$sum, $unpriced];
    }

    /** What is counted of oil and lubricants, in the smallest coin; of a tube that only lies ready nobody knows what goes. */
    private static function oil(Cursor $work): int
    {
        $isCounted = static fn (Cursor $pool): bool => !$pool->at('plan')->isNull() && !$pool->at('need')->isNull();

        return array_sum(array_map(
            static fn (Cursor $pool): int => $isCounted($pool) ? $pool->at('plan')->at('costMinor')->int(0, \PHP_INT_MAX) : 0,
            [...$work->at('oil')->list(), ...($work->at('lubricants')->isNull() ? [] : $work->at('lubricants')->list())],
        ));
    }
}
