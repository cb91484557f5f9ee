<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;

/** The state of what is in the register, judged now. */
final readonly class ShowBoats
{
    public function __construct(private Register $register, private AssessEngine $assess)
    {
    }

    /** @return list<BoatState> the most pressing first, then by name */
    public function all(): array
    {
        $states = $this->states($this->register->boats());
        usort($states, static fn (BoatState $a, BoatState $b): int => [$b->weight(), $a->boat->name] <=> [$a->weight(), $b->boat->name]);

        return $states;
    }

    /** @throws NotFound */
    public function one(int $id): BoatState
    {
        return $this->states([$this->register->boat($id)])[0];
    }

    /**
     * @param non-empty-list<Boat>|list<Boat> $boats
     *
     * @return ($boats is non-empty-list<Boat> ? non-empty-list<BoatState> : list<BoatState>)
     */
    private function states(array $boats): array
    {
        $engines = array_merge(...array_map(static fn (Boat $boat): array => $boat->engines, $boats));
        $histories = $this->register->histories(array_map(static fn (Engine $engine): int => $engine->id, $engines));

        return array_map(fn (Boat $boat): BoatState => new BoatState($boat, array_map(
            fn (Engine $engine): EngineAssessment => ($this->assess)($engine, $histories[$engine->id], $engine->hasMeter ? $histories[$engine->id]->hours() : null),
            $boat->engines,
        )), $boats);
    }
}
