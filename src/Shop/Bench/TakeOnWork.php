<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\Claim;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Plan\Position;
use FreshTack\Shop\Account\People;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Who works on which engine, or on which operation, where several work at one order. */
final readonly class TakeOnWork
{
    public function __construct(
        private Orders $orders,
        private OpenBench $open,
        private KeptClaims $claims,
        private People $people,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string      $of      the position of an engine, or the id of an operation
     * @param string|null $instead who has it, as the person saw it who takes it over; null: nobody has it
     *
     * @throws NotFound|Conflict if the order has no such work or is not at the bench, or somebody else was faster
     */
    public function take(int $number, string $of, ?string $instead, string $by): BenchView
    {
        return $this->changed($number, $of, function (BenchView $view, string $what, ?Claim $held) use ($number, $of, $instead, $by): void {
            if (null !== $held && $held->by !== $by && $held->by !== $instead) {
                throw Conflict::takenOn($what, $this->people->nameOf($held->by));
            }
            if ($held?->by === $by && $held->of === $of) {
                return;
            }
            $this->claims->take($number, new Claim($of, $by, $this->clock->now()));
            if (null !== $held && $held->by !== $by) {
                $this->audit->add($by, 'bench.taken_over', Subject::order($number), ['of' => $of], Move::between($held->by, $by));
            }
        });
    }

    /** @throws NotFound|Conflict if the order has no such work or is not at the bench, or somebody else has it */
    public function giveBack(int $number, string $of, string $by): BenchView
    {
        return $this->changed($number, $of, function (BenchView $view, string $what) use ($number, $of, $by): void {
            $held = $view->shop->claims->exactly($of);
            if (null !== $held && $held->by !== $by) {
                throw Conflict::takenOn($what, $this->people->nameOf($held->by));
            }
            $this->claims->drop($number, $of);
        });
    }

    /**
     * @param \Closure(BenchView, string, ?Claim): void $change with the name of the work, and whose it is
     *
     * @throws NotFound|Conflict
     */
    private function changed(int $number, string $of, \Closure $change): BenchView
    {
        return $this->unit->run(function () use ($number, $of, $change): BenchView {
            $view = $this->open->of($this->orders->getForWork($number));
            if (!$view->file->status->isAtBench()) {
                throw Conflict::wrongStatus($number, $view->file->status->value, 'worked on');
            }
            $work = $view->plan->work($of);
            $what = null === $work ? self::engine($view->plan, $of) : "“{$work->work->title}”";
            $change($view, $what, null === $work ? $view->shop->claims->exactly($of) : $view->shop->claims->at($work));

            return $this->open->of($view->file);
        });
    }

    /** @throws NotFound */
    private static function engine(IssuedOrder $plan, string $of): string
    {
        $position = Position::tryFrom($of);
        if (null === $position || null === $plan->engine($position)) {
            throw NotFound::named('work', $of);
        }

        return $position->label();
    }
}
