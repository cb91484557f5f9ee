<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\Unit;

/** Lets a line of an engine's log count again that was struck. */
final readonly class BringBackLine
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private JudgeReading $judge,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /** @throws NotFound|Conflict if it counts, or does not fit what was read since */
    public function __invoke(int $engineId, LogKind $kind, int $line, string $by): void
    {
        $this->unit->run(function () use ($engineId, $kind, $line, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $struck = $this->logs->line($engineId, $kind, $line);
            null !== $struck->strike || throw Conflict::countsAlready();
            if ($struck->content instanceof HourReading) {
                $this->checkFits($engineId, $struck->content);
            }
            $this->logs->restore($kind, $line);
            $this->audit->add($by, 'engine.brought_back', Subject::engine($engineId), $struck->told());
            $this->reckon->ofEngine($engineId);
        });
    }

    /** @throws NotFound|Conflict */
    private function checkFits(int $engineId, HourReading $reading): void
    {
        $engine = $this->register->engine($engineId);
        $use = null === $engine->boatId ? null : $this->register->boat($engine->boatId)->use;
        $question = ($this->judge)($engine, $use, $this->logs->of($engineId), $reading);
        if (null !== $question && !$question->doubt->canBeConfirmed()) {
            throw Conflict::doesNotFit($question->message);
        }
    }
}
