<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Book\ScheduledAction;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\NotReleasable;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Seal\Seals;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Lets the engines go: every gate met, the work in each engine's record, and the owner's service record written. */
final readonly class ReleaseOrder
{
    public function __construct(
        private Orders $orders,
        private OpenBench $open,
        private Register $register,
        private EngineLogs $logs,
        private ScheduledAction $scheduled,
        private ReckonDues $reckon,
        private RecordWriter $writer,
        private Seals $seals,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
        private Today $today,
    ) {
    }

    /** @throws NotFound|Conflict|NotReleasable|SealBroken|InvalidQuantity if a gate is not met, or the order changed since `$version` */
    public function __invoke(int $number, int $version, string $remark, string $by, OilLeft ...$left): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $remark, $by, $left): OrderFile {
            $view = $this->open->of($this->orders->getForWork($number));
            if (!$view->file->status->isAtBench()) {
                throw Conflict::wrongStatus($number, $view->file->status->value, 'released');
            }
            $flaw = $this->seals->flawOfOrder($number);
            null === $flaw || throw SealBroken::ofOrder($number, $flaw);
            $gate = new ReleaseGate();
            $obstacles = $gate->obstacles($view->plan, $view->log, $remark, ...$left);
            if ([] !== $obstacles) {
                throw NotReleasable::because($obstacles);
            }
            $this->writeDone($view, $by);
            $this->audit->add($by, 'order.released', Subject::order($number), [], Move::between($view->file->status->value, 'released'));

            return $this->orders->release($number, $version, Json::encode($this->writer->record($view, $remark, $by, $gate->reconciled($view->plan, $view->log, ...$left))), $by, $this->clock->now());
        });
    }

    /**
     * The hours of the record are the engine's true total; the order has them as the meter showed them.
     *
     * @throws NotFound|InvalidQuantity
     */
    private function writeDone(BenchView $view, string $by): void
    {
        $boat = $this->register->boat($view->file->boatId);
        $this->reckon->lock(...array_map(static fn (Engine $engine): int => $engine->id, $boat->engines));
        foreach ($view->file->draft->engines as $drafted) {
            $position = $boat->engine($drafted->engineId)->position->value ?? '';
            $history = $this->logs->of($drafted->engineId);
            $total = null === $drafted->hours ? null : EngineHours::of($drafted->hours)->shiftedBy($history->hours->latest()->offsetTenths ?? 0);
            foreach ($this->writer->tasks($view->file->document ?? [], $position) as [$task, $action]) {
                $action ??= ($this->scheduled)($drafted->plate(), $task);
                $done = new TaskDone($task, $action, ($this->today)(), $total, 'order '.$view->file->number);
                $this->logs->addDone($drafted->engineId, $done, $by);
            }
        }
        $this->reckon->ofBoat($boat->id);
    }
}
