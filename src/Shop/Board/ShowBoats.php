<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\Register;

/** The state of a boat's engines, judged now. */
final readonly class ShowBoats
{
    public function __construct(private Register $register, private EngineLogs $logs, private AssessEngine $assess)
    {
    }

    /** @throws NotFound */
    public function one(int $id): BoatState
    {
        return $this->of($this->register->boat($id));
    }

    public function of(Boat $boat): BoatState
    {
        $histories = $this->logs->all(array_map(static fn (Engine $engine): int => $engine->id, $boat->engines));
        $this->assess->ahead(...$boat->engines);

        return new BoatState($boat, array_map(
            fn (Engine $engine): EngineAssessment => ($this->assess)($engine, $boat, $histories[$engine->id], $engine->hasMeter ? $histories[$engine->id]->hours->latest() : null),
            $boat->engines,
        ), $histories);
    }
}
