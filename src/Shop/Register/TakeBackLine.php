<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\PutDraftsRight;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\TakenBack\LogLine;
use FreshTack\Shop\TakenBack\Strike;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * Strikes a line of an engine's log, and works out anew what rests on it. A reading may be put right in the same go;
 * drafts that were opened with the wrong figure get the right one. A struck line stays to be read, and can be brought back.
 */
final readonly class TakeBackLine
{
    public function __construct(
        private EngineLogs $logs,
        private EnterReading $enter,
        private PutDraftsRight $putDraftsRight,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param NewReading|null $instead of a reading: what the meter showed indeed
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|DoubtfulReading if it is taken back already or was done by
     *                                                           an order, or the other reading can't be right
     */
    public function __invoke(int $engineId, LogKind $kind, int $line, string $why, ?NewReading $instead, string $by): void
    {
        $this->unit->run(function () use ($engineId, $kind, $line, $why, $instead, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $struck = $this->logs->line($engineId, $kind, $line);
            $this->checkStanding($struck);
            $this->logs->strike($kind, $line, new Strike($by, $this->clock->now(), $why));
            $this->audit->add($by, 'engine.taken_back', Subject::engine($engineId), [...$struck->told(), 'why' => $why]);
            if ($struck->content instanceof HourReading) {
                $right = null === $instead ? null : $this->enter->keep($engineId, $instead, $by, $struck->content);
                $right ??= $this->logs->of($engineId)->hours->latest();
                if (null !== $right) {
                    ($this->putDraftsRight)($engineId, $struck->content->meter, $right->meter, $by);
                }
            }
            $this->reckon->ofEngine($engineId);
        });
    }

    /** @throws Conflict */
    private function checkStanding(LogLine $line): void
    {
        if (null !== $line->strike) {
            throw Conflict::alreadyDecided('This line', 'taken back', $line->strike->by);
        }
        if ($line->content instanceof TaskDone && !$line->content->elsewhere) {
            throw Conflict::doneByOrder($line->content->evidence);
        }
    }
}
