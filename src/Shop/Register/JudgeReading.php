<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\QuestionedReading;
use FreshTack\Core\Usage\ReadingJudge;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** Holds a reading against all that is known of its engine. */
final readonly class JudgeReading
{
    public function __construct(private ShopSettings $settings, private Today $today)
    {
    }

    /** @param BoatUse|null $use null for an engine in store */
    public function __invoke(Engine $engine, ?BoatUse $use, EngineHistory $history, HourReading $reading): ?QuestionedReading
    {
        $season = null === $use ? Season::allYear() : Season::of($this->settings->useByMonth(), $use->months);

        return (new ReadingJudge())->judge($reading, $history->hours, $engine->inService, ($this->today)(), $this->usual($engine, $history, $season));
    }

    private function usual(Engine $engine, EngineHistory $history, Season $season): ?UseRate
    {
        $rate = UseRate::from($history->hours, $engine->inService, $season);

        return null === $rate || $rate->isThin() ? null : $rate;
    }
}
