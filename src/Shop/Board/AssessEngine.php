<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Due\DueList;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\HardUses;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use FreshTack\Shop\Book\IdentifyEngine;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** Judges one engine as of today: which sheet it has, how fast it gathers hours, and where each task of the sheet stands. */
final readonly class AssessEngine
{
    public function __construct(private IdentifyEngine $identify, private SpecBook $book, private ShopSettings $settings, private Today $today)
    {
    }

    /** Looks up the sheets of several in one go, before they are judged one by one. */
    public function ahead(Engine ...$engines): void
    {
        $this->identify->ahead(...array_map(static fn (Engine $engine): Plate => $engine->plate(), $engines));
    }

    /**
     * @param Boat|null        $boat    null: it hangs on none
     * @param HourReading|null $reading what the meter shows now; without a meter the calendar decides alone
     * @param list<Task>|null  $asked   where only these stand, and how fast it gathers hours is not asked; null: all
     */
    public function __invoke(Engine $engine, ?Boat $boat, EngineHistory $history, ?HourReading $reading, ?array $asked = null): EngineAssessment
    {
        $match = ($this->identify)($engine->plate());
        $own = null === $match->head ? null : $this->book->sheet($match->head);
        $sheet = null === $own ? null : ($boat?->beside($own, $engine) ?? $own);
        $use = $boat?->use;
        $season = null === $use ? Season::allYear() : Season::of($this->settings->useByMonth(), $use->months);
        $rate = $engine->hasMeter && null === $asked ? UseRate::from($history->hours, $engine->inService, $season) : null;
        $now = new EngineNow(($this->today)(), $reading?->total(), $engine->inService);
        $dues = null === $sheet ? [] : (new DueList($this->settings->duePolicy(), $this->settings->schools()))->of($sheet, $history->record(), $now, $reading->on ?? $now->day, $rate, $use?->hardUses() ?? new HardUses([]), $asked);

        return new EngineAssessment($engine, $reading, $match, $sheet, $dues, $rate);
    }
}
