<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/** Keeps what a reader told of an engine: the hours as a reading like any other, the rest beside them. */
final readonly class TakeReport
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private EngineReader $reader,
        private EnterReading $enter,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /**
     * Asks the reader that is connected to the engine.
     *
     * @param bool $sure the counter was asked about the size of the reading, and says that it is right
     *
     * @throws NotFound|Conflict|InvalidDocument|ReaderTrouble|DoubtfulReading
     */
    public function ask(int $engineId, bool $sure, string $by): ReaderReport
    {
        $engine = $this->register->engine($engineId);
        $report = $this->reader->ask($engine->serial);
        if ($report->serial !== $engine->serial) {
            throw ReaderTrouble::nonsense(\sprintf('it speaks of %s, not of %s.', $report->serial, $engine->serial));
        }
        $this->keep($engineId, $report, $sure, $by);

        return $report;
    }

    /**
     * Takes one that came by itself.
     *
     * @throws NotFound|Conflict|InvalidDocument|DoubtfulReading
     */
    public function take(ReaderReport $report, string $by): Engine
    {
        $engine = $this->register->engineWith($report->serial) ?? throw NotFound::named('engine', $report->serial.' in the register');
        $this->keep($engine->id, $report, false, $by);

        return $engine;
    }

    /** @throws NotFound|Conflict|InvalidDocument|DoubtfulReading */
    private function keep(int $engineId, ReaderReport $report, bool $sure, string $by): void
    {
        $this->unit->run(function () use ($engineId, $report, $sure, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $this->enter->keep($engineId, new NewReading($report->on, $report->hours, ReadingSource::Reader, $sure), $by);
            $known = array_filter($this->logs->reports($engineId), $report->isSameAs(...));
            if ([] === $known) {
                $this->logs->addReport($engineId, $report);
                $this->audit->add(
                    $by,
                    'engine.reader_told',
                    Subject::engine($engineId),
                    ['on' => $report->on->format('Y-m-d'), 'faults' => \count($report->faults)],
                );
            }
            $this->reckon->ofEngine($engineId);
        });
    }
}
