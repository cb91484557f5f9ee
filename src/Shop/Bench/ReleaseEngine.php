<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EngineRelease;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\NotReleasable;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Seal\Seals;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Lets one engine of a rig go while the others are still worked on, and takes that back. */
final readonly class ReleaseEngine
{
    public function __construct(
        private Orders $orders,
        private OpenBench $open,
        private BenchMarks $marks,
        private Seals $seals,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string       $uuid  of the entry that it becomes
     * @param array<mixed> $value as sent
     *
     * @throws NotFound|Conflict|NotReleasable|SealBroken|InvalidDocument if it is not at the bench, let go already, or a gate is not met
     */
    public function release(int $number, Position $position, string $uuid, EngineRelease $said, array $value, string $by): BenchView
    {
        $make = function (BenchView $view, BenchStep $step) use ($uuid, $said, $value, $by, $position): StoredEntry {
            null === $view->log->rig()->release($position) || throw Conflict::engineReleased($step->label);
            $obstacles = (new ReleaseGate($view->plan, $view->log))->ofEngine($position, $said);
            if ([] !== $obstacles) {
                throw NotReleasable::engine($step->label, $obstacles);
            }
            $entry = new Entry($uuid, $step->id, EntryContent::released($said), null, $by, $this->clock->now());

            return new StoredEntry($entry, $value, 0, null);
        };

        return $this->entered($number, $position, $by, 'engine.released', $make);
    }

    /**
     * @param string $uuid of the entry that it becomes
     * @param string $why  it is not to go yet
     *
     * @throws NotFound|Conflict|NotReleasable|SealBroken|InvalidDocument if it is not at the bench, or was not let go
     */
    public function takeBack(int $number, Position $position, string $uuid, string $why, string $by): BenchView
    {
        $make = function (BenchView $view, BenchStep $step) use ($uuid, $why, $by, $position): StoredEntry {
            $released = $view->log->rig()->release($position) ?? throw Conflict::engineNotReleased($step->label);
            $taking = new Entry(
                $uuid,
                $released->stepId,
                EntryContent::takenBack(),
                $released->uuid,
                $by,
                $this->clock->now(),
                new Told(why: $why),
            );

            return new StoredEntry($taking, [], 0, null);
        };

        return $this->entered($number, $position, $by, 'engine.back', $make);
    }

    /**
     * @param \Closure(BenchView, BenchStep): StoredEntry $make at the last step of the engine
     *
     * @throws NotFound|Conflict|NotReleasable|SealBroken|InvalidDocument
     */
    private function entered(int $number, Position $position, string $by, string $what, \Closure $make): BenchView
    {
        return $this->unit->run(function () use ($number, $position, $by, $what, $make): BenchView {
            $view = $this->open->of($this->orders->getForWork($number));
            $steps = array_filter($view->plan->steps, static fn (BenchStep $step): bool => $position === $step->position);
            $last = array_pop($steps) ?? throw NotFound::engine(0);
            if (!$view->file->status->isAtBench()) {
                throw Conflict::wrongStatus($number, $view->file->status->value, 'released');
            }
            $flaw = $this->seals->flawOfOrder($number);
            null === $flaw || throw SealBroken::ofOrder($number, $flaw);
            $stored = $make($view, $last);
            $log = self::after($view, $stored->entry);
            $this->orders->addEntry($number, $stored);
            $this->orders->setProgress($number, $view->file->status, Tally::of($view->plan, $log));
            $this->audit->add($by, $what, Subject::order($number), ['engine' => $position->value, 'entry' => $stored->entry->asText()]);

            return new BenchView($this->orders->get($number), $view->plan, $log, $view->shop, $view->at, $this->marks->of($number));
        });
    }

    /** @throws InvalidDocument */
    private static function after(BenchView $view, Entry $entry): BenchLog
    {
        try {
            return null === $entry->corrects ? $view->log->with($entry, $view->shop) : $view->log->corrected($entry, $view->shop);
        } catch (ExpectedError $error) {
            throw InvalidDocument::at('/engine', $error->getMessage());
        }
    }
}
