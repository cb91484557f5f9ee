<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\HourReading;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Takes a rig in: what the plates and the meters say goes to the register, engines without a sheet to the manager. */
final readonly class CheckInRig
{
    public function __construct(
        private Register $register,
        private RequestAssembler $assembler,
        private Refusals $refusals,
        private Orders $orders,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
        private Today $today,
    ) {
    }

    /** @throws NotFound|Conflict|InvalidDocument|InvalidQuantity if the boat is unknown, a serial is taken, or a reading can't be right */
    public function __invoke(int $boatId, Draft $draft, string $by): OrderFile
    {
        $boat = $this->register->boat($boatId);
        $this->checkHours($draft);
        $assessed = $this->assembler->assess($boat, $draft);

        return $this->unit->run(fn (): OrderFile => $this->takeIn($boat, $draft, $assessed, $by));
    }

    /**
     * @param list<EngineAssessment> $assessed
     *
     * @throws NotFound|Conflict|InvalidQuantity
     */
    private function takeIn(Boat $boat, Draft $draft, array $assessed, string $by): OrderFile
    {
        foreach ($draft->engines as $engine) {
            $this->register->identify($engine->engineId, $engine->plate(), null !== $engine->hours);
            if (null !== $engine->hours) {
                $this->register->addReading($engine->engineId, new HourReading(($this->today)(), EngineHours::of($engine->hours)));
            }
        }
        foreach ($assessed as $assessment) {
            if (null !== $assessment->match->refusal) {
                $this->refusals->add($assessment->engine->model, $assessment->engine->serial, $assessment->match->refusal, $boat->id, $by, $this->clock->now());
            }
        }
        $file = $this->orders->open($boat->id, $draft, $by, $this->clock->now());
        $this->audit->add($by, 'order.checked_in', 'order '.$file->number, ['boat' => $boat->name]);

        return $file;
    }

    /** @throws InvalidDocument|InvalidQuantity if a meter reads less than it did */
    private function checkHours(Draft $draft): void
    {
        $flaws = new Flaws();
        $histories = $this->register->histories(array_map(static fn (DraftEngine $engine): int => $engine->engineId, $draft->engines));
        foreach ($draft->engines as $index => $engine) {
            $last = $histories[$engine->engineId]->hours();
            if (null !== $engine->hours && null !== $last && EngineHours::of($engine->hours)->tenthsUntil($last) > 0) {
                $flaws->add("/engines/$index/hours", \sprintf('The last reading was %s h. Read the meter again; if it was replaced, tell the service manager before the reading is entered.', $last->text()));
            }
        }
        $flaws->throwIfAny();
    }
}
