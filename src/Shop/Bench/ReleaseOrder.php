<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\IssuedTask;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\TaskOutcome;
use FreshTack\Core\Plan\Position;
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
    public function __invoke(int $number, int $version, Release $release, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $release, $by): OrderFile {
            $view = $this->open->of($this->orders->getForWork($number));
            if (!$view->file->status->isAtBench()) {
                throw Conflict::wrongStatus($number, $view->file->status->value, 'released');
            }
            $release = $release->including($view->log->rig()->released);
            $flaw = $this->seals->flawOfOrder($number);
            null === $flaw || throw SealBroken::ofOrder($number, $flaw);
            $obstacles = (new ReleaseGate($view->plan, $view->log))->obstacles($release);
            if ([] !== $obstacles) {
                throw NotReleasable::because($obstacles);
            }
            $this->writeDone($view, $by);
            $this->audit->add($by, 'order.released', Subject::order($number), [], Move::between($view->file->status->value, 'released'));

            $record = Json::encode($this->writer->record($view, $release, $by));
            $outcomes = array_merge(...array_map($view->log->outcomes()->tasks(...), $view->plan->rig->positions));

            return $this->orders->release($number, $version, $record, $outcomes, $by, $this->clock->now());
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
            $position = $boat->engine($drafted->engineId)->position ?? null;
            $let = $view->log->rig()->release($position);
            $day = null === $let ? ($this->today)() : $this->today->of($let->at);
            $history = $this->logs->of($drafted->engineId);
            $total = null === $drafted->hours ? null : EngineHours::of($drafted->hours)->shiftedBy($history->hours->latest()->offsetTenths ?? 0);
            foreach ($this->done($view, $position) as $task) {
                $action = $task->action ?? ($this->scheduled)($drafted->plate(), $task->task);
                $done = new TaskDone($task->task, $action, $day, $total, 'order '.$view->file->number);
                $this->logs->addDone($drafted->engineId, $done, $by);
            }
        }
        $this->reckon->ofBoat($boat->id);
    }

    /** @return list<IssuedTask> only what was done moves a clock */
    private function done(BenchView $view, ?Position $position): array
    {
        $outcomes = null === $position ? [] : $view->log->outcomes()->tasks($position);
        $done = array_filter($outcomes, static fn (TaskOutcome $outcome): bool => $outcome->isDone());

        return array_values(array_map(static fn (TaskOutcome $outcome): IssuedTask => $outcome->task, $done));
    }
}
