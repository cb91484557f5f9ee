<?php

declare(strict_types=1);

namespace FreshTack\Storage\Demo;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\BoatUse;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\HourReading;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Shop\Today;

/** Boats with their engines and history. Days are counted back from today, so that a demo never ages. */
final readonly class RigImporter
{
    public function __construct(private Register $register, private Today $today)
    {
    }

    /** @throws ExpectedError if anything in the file is flawed */
    public function import(Cursor $rigs): void
    {
        foreach ($rigs->at('boats')->list() as $entry) {
            $boat = $this->register->addBoat($this->boat($entry));
            foreach ($entry->at('engines')->list() as $engine) {
                $serial = $engine->at('serial')->string();
                $hung = array_values(array_filter($boat->engines, static fn (Engine $each): bool => $serial === $each->serial));
                $this->history($hung[0]->id, $engine);
            }
        }
        $rigs->flaws->throwIfAny();
    }

    /** @throws ExpectedError */
    private function boat(Cursor $boat): Boat
    {
        $use = $boat->at('use');
        $months = array_map(static fn (Cursor $month): int => $month->int(1, 12), $use->at('months')->list(1, 12));
        $water = $use->at('water')->string();
        $kept = $use->at('kept')->string();
        if (!\in_array($water, ['salt', 'brackish', 'fresh'], true) || !\in_array($kept, ['moored', 'trailered'], true)) {
            $use->flaw('Water is salt, brackish or fresh; a boat is moored or trailered.');
            $boat->flaws->throwIfAny();

            throw new \LogicException('Unreachable: a flaw was just noted.');
        }

        return new Boat(
            0,
            $boat->at('name')->string(80),
            $boat->at('kind')->string(80),
            $boat->at('registration')->string(40),
            $boat->at('customer')->string(120),
            new BoatUse($water, $kept, $use->at('commercial')->bool(), [] === $months ? [1] : $months),
            array_map($this->engine(...), $boat->at('engines')->list(1, 5)),
            1,
        );
    }

    private function engine(Cursor $engine): Engine
    {
        return new Engine(0, 0, $engine->at('position')->enum(Position::class), $engine->at('model')->string(20), $engine->at('serial')->string(30), $this->daysAgo($engine->at('inServiceDaysAgo')), $engine->at('hasMeter')->bool());
    }

    /** @throws ExpectedError */
    private function history(int $engineId, Cursor $engine): void
    {
        foreach ($engine->at('readings')->list() as $reading) {
            $this->register->addReading($engineId, new HourReading($this->daysAgo($reading->at('daysAgo')), EngineHours::of($reading->at('hours')->string())));
        }
        foreach ($engine->at('done')->list() as $done) {
            $hours = $done->at('hours')->optionalString();
            $this->register->addDone($engineId, new TaskDone($done->at('task')->enum(Task::class), $this->daysAgo($done->at('daysAgo')), null === $hours ? null : EngineHours::of($hours), $done->at('evidence')->string(200)));
        }
    }

    private function daysAgo(Cursor $days): \DateTimeImmutable
    {
        return ($this->today)()->modify(\sprintf('-%d days', $days->int(0, 20_000)));
    }
}
