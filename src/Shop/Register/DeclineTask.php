<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;

/** Writes down that the owner did not want a task. It stays due, and the day is kept. */
final readonly class DeclineTask
{
    public function __construct(private Register $register, private EngineLogs $logs, private AuditLog $audit, private Unit $unit, private Today $today)
    {
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    public function __invoke(int $engineId, Declined $declined, string $by): void
    {
        if ($declined->on > ($this->today)()) {
            throw InvalidDocument::at('/on', 'This day is still to come. Give the day on which it was declined.');
        }
        $this->unit->run(function () use ($engineId, $declined, $by): void {
            $engine = $this->register->engine($engineId);
            $this->logs->addDeclined($engine->id, $declined, $by);
            $this->audit->add(
                $by,
                'engine.declined',
                Subject::engine($engineId),
                ['task' => $declined->task->value, 'note' => $declined->note],
            );
        });
    }
}
