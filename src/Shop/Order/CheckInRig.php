<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Book\WrittenPlate;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\JudgeReading;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Takes a rig in: what the plates and the meters say goes to the register, engines without a sheet to the manager. */
final readonly class CheckInRig
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private JudgeReading $judge,
        private ReckonDues $reckon,
        private RequestAssembler $assembler,
        private Refusals $refusals,
        private Orders $orders,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
        private Today $today,
        private WrittenPlate $written,
    ) {
    }

    /**
     * @param bool $beside whether a second order is wanted beside one that is open
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity if the boat is unknown, an order is open on it, a serial
     *                                                           is taken, or a reading can't be right
     */
    public function __invoke(int $boatId, Draft $draft, bool $beside, string $by): OrderFile
    {
        $draft = $draft->withEngines(fn (DraftEngine $engine): DraftEngine => $engine->identifiedAs(($this->written)($engine->plate())));

        return $this->unit->run(function () use ($boatId, $draft, $beside, $by): OrderFile {
            $this->register->lock($boatId);
            $boat = $this->register->boat($boatId);
            $open = $beside ? [] : $this->orders->openOf($boatId);
            if ([] !== $open) {
                throw Conflict::alreadyIn($boat->name, $open[0]->number);
            }
            $draft->isOf($boat) || throw Conflict::rigChanged($boat->name);
            $this->reckon->lock(...array_map(static fn (Engine $engine): int => $engine->id, $boat->engines));
            $this->checkHours($boat, $draft);

            return $this->takeIn($boat, $draft, $this->assembler->assess($boat, $draft), $by);
        });
    }

    /**
     * @param list<EngineAssessment> $assessed
     *
     * @throws NotFound|Conflict|InvalidQuantity
     */
    private function takeIn(Boat $boat, Draft $draft, array $assessed, string $by): OrderFile
    {
        $readings = $plates = [];
        foreach ($draft->engines as $engine) {
            $before = $this->register->engine($engine->engineId);
            $now = $this->register->identify($engine->engineId, $engine->plate(), null !== $engine->hours);
            if ([] !== $now->differences($before)) {
                $this->audit->add($by, 'engine.identified', Subject::engine($now->id), $now->differences($before));
                $plates[$now->id] = ['from' => $before->plate(), 'meter' => $before->hasMeter];
            }
            $line = $this->read($engine, $by);
            $readings += null === $line ? [] : [$engine->engineId => $line];
        }
        foreach ($assessed as $assessment) {
            $this->refuse($assessment, $boat, $by);
        }
        $this->reckon->ofBoat($boat->id);
        $file = $this->orders->open($boat->id, $draft, new Brought($readings, $plates), $by, $this->clock->now());
        $this->audit->add($by, 'order.checked_in', Subject::order($file->number), ['boat' => $boat->id], Move::into('draft'));

        return $file;
    }

    private function refuse(EngineAssessment $engine, Boat $boat, string $by): void
    {
        $refusal = $engine->match->refusal;
        if (null === $refusal) {
            return;
        }
        $number = $this->refusals->add($engine->engine->model, $engine->engine->serial, $refusal, $boat->id, $by, $this->clock->now());
        if (null !== $number) {
            $detail = ['engine' => $engine->engine->id, 'reason' => $refusal->reason->value];
            $this->audit->add($by, 'refusal.raised', Subject::refusal($number), $detail, Move::into('waiting'));
        }
    }

    /**
     * The same figure read twice on one day is one reading.
     *
     * @return int|null its line in the log; null: nothing was written down
     *
     * @throws NotFound|InvalidQuantity
     */
    private function read(DraftEngine $engine, string $by): ?int
    {
        $history = $this->logs->of($engine->engineId);
        $reading = null === $engine->hours ? null : $this->reading($engine, $history);

        return null === $reading || $history->hours->has($reading) ? null : $this->logs->addReading($engine->engineId, $reading, $by);
    }

    /** @throws InvalidQuantity */
    private function reading(DraftEngine $engine, EngineHistory $history): HourReading
    {
        return new HourReading(($this->today)(), EngineHours::of($engine->hours ?? ''), $history->hours->latest()->offsetTenths ?? 0);
    }

    /** @throws InvalidDocument|InvalidQuantity|NotFound if a reading can't be right, or has to be looked at twice: it is entered by itself then, where the question can be answered */
    private function checkHours(Boat $boat, Draft $draft): void
    {
        $flaws = new Flaws();
        $histories = $this->logs->all(array_map(static fn (DraftEngine $engine): int => $engine->engineId, $draft->engines));
        foreach ($draft->engines as $index => $engine) {
            $known = $boat->engine($engine->engineId) ?? throw NotFound::engine($engine->engineId);
            $history = $histories[$engine->engineId];
            $reading = null === $engine->hours ? null : $this->reading($engine, $history);
            $question = null === $reading || $history->hours->has($reading) ? null : ($this->judge)($known, $boat->use, $history, $reading);
            if (null !== $question) {
                $flaws->add("/engines/$index/hours", $question->message);
            }
        }
        $flaws->throwIfAny();
    }
}
