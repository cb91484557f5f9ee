<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\NewMeter;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/** Keeps a reading once nothing about it is in doubt. The same reading of the same day is kept once. */
final readonly class EnterReading
{
    public function __construct(private Register $register, private EngineLogs $logs, private JudgeReading $judge, private ReckonDues $reckon, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws NotFound|Conflict|InvalidDocument|DoubtfulReading */
    public function __invoke(int $engineId, NewReading $new, string $by): HourReading
    {
        return $this->unit->run(function () use ($engineId, $new, $by): HourReading {
            $this->reckon->lockWithNeighbours($engineId);
            $reading = $this->keep($engineId, $new, $by);
            $this->reckon->ofEngine($engineId);

            return $reading;
        });
    }

    /**
     * Without working out anew what is due: whoever takes in many does that once, at the end. The engine must be
     * locked, so that two readings of it are judged one after the other, even from two tablets at once.
     *
     * @param HourReading|null $inPlaceOf what was misread; it is of the same meter
     *
     * @throws NotFound|InvalidDocument|DoubtfulReading
     */
    public function keep(int $engineId, NewReading $new, string $by, ?HourReading $inPlaceOf = null): HourReading
    {
        $engine = $this->register->engine($engineId);
        if (!$engine->hasMeter && ReadingSource::Estimate !== $new->source) {
            throw InvalidDocument::at('/hours', 'By the register this engine has no meter. Enter it as the owner\'s estimate, or correct the register first.');
        }
        $history = $this->logs->of($engineId);
        $reading = $this->reading($new, $history, $inPlaceOf);
        $question = ($this->judge)($engine, null === $engine->boatId ? null : $this->register->boat($engine->boatId)->use, $history, $reading);
        if (null !== $question && !($new->sure && $question->doubt->canBeConfirmed())) {
            throw new DoubtfulReading($question);
        }
        if (!$history->hours->has($reading)) {
            $this->logs->addReading($engineId, $reading, $by);
            $this->audit->add(
                $by,
                null === $new->newMeter ? 'engine.read' : 'engine.new_meter',
                Subject::engine($engineId),
                [
                    'hours' => $reading->meter->text(),
                    'on' => $reading->on->format('Y-m-d'),
                    'offsetTenths' => $reading->offsetTenths,
                    'sure' => $new->sure,
                ],
            );
        }

        return $reading;
    }

    /** @throws InvalidDocument */
    private function reading(NewReading $new, EngineHistory $history, ?HourReading $inPlaceOf): HourReading
    {
        $before = $history->hours->lastUntil($new->on);
        $offset = $inPlaceOf->offsetTenths ?? $before->offsetTenths ?? 0;
        if (null !== $new->newMeter) {
            $this->checkMeter($new->newMeter, $new, $before);
            $offset = $new->newMeter->offsetTenths($offset);
        }

        return new HourReading($new->on, $new->meter, $offset, $new->source);
    }

    /** @throws InvalidDocument */
    private function checkMeter(NewMeter $meter, NewReading $new, ?HourReading $before): void
    {
        if (null !== $before && $meter->oldEnd->tenths < $before->meter->tenths) {
            throw InvalidDocument::at('/newMeter/oldEnd', \sprintf('The old meter showed %s h on %s already: it can\'t have ended below that.', $before->meter->text(), $before->on->format('j M Y')));
        }
        if ($meter->newStart->tenths > $new->meter->tenths) {
            throw InvalidDocument::at('/newMeter/newStart', 'The new meter can\'t have begun above what it shows now.');
        }
    }
}
