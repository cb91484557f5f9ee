<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Book\ScheduledAction;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;

/** Writes down what was done somewhere else, or before this shop kept records, with what shows it. */
final readonly class RecordServed
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private ScheduledAction $scheduled,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
        private Today $today,
    ) {
    }

    /**
     * @param Action|null      $action null: what the sheet schedules
     * @param EngineHours|null $meter  what the meter showed then
     *
     * @throws NotFound|Conflict|InvalidDocument
     */
    public function __invoke(int $engineId, Task $task, ?Action $action, \DateTimeImmutable $on, ?EngineHours $meter, string $evidence, string $by): void
    {
        $this->unit->run(function () use ($engineId, $task, $action, $on, $meter, $evidence, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $engine = $this->register->engine($engineId);
            $history = $this->logs->of($engineId);
            $total = $meter?->shiftedBy($history->hours->lastUntil($on)->offsetTenths ?? 0);
            $this->check($engine, $history, $on, $total);
            $done = new TaskDone($task, $action ?? ($this->scheduled)($engine->plate(), $task), $on, $total, $evidence, true);
            $this->logs->addDone($engineId, $done, $by);
            $this->reckon->ofEngine($engineId);
            $this->audit->add(
                $by,
                'engine.done_elsewhere',
                Subject::engine($engineId),
                ['task' => $done->task->value, 'on' => $done->on->format('Y-m-d'), 'evidence' => $done->evidence],
            );
        });
    }

    /** @throws InvalidDocument */
    private function check(Engine $engine, EngineHistory $history, \DateTimeImmutable $on, ?EngineHours $total): void
    {
        $flaws = new Flaws();
        if ($on > ($this->today)()) {
            $flaws->add('/on', 'This day is still to come. Enter the day on which it was done.');
        }
        if ($on < $engine->inService) {
            $flaws->add('/on', \sprintf(
                'The engine went into service on %s. Correct the day, or the day in service.',
                $engine->inService->format('j M Y'),
            ));
        }
        $before = $history->hours->lastUntil($on);
        $after = $history->hours->firstAfter($on);
        if (null !== $total && null !== $before && $before->on < $on && $total->tenths < $before->total()->tenths) {
            $flaws->add('/hours', \sprintf('On %s the meter showed %s h already.', $before->on->format('j M Y'), $before->meter->text()));
        }
        if (null !== $total && null !== $after && $total->tenths > $after->total()->tenths) {
            $flaws->add('/hours', \sprintf('On %s the meter showed only %s h.', $after->on->format('j M Y'), $after->meter->text()));
        }
        $flaws->throwIfAny();
    }
}
