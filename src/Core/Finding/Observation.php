<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** What a technician may see at a step that asks for it, what it means, and what follows. */
enum Observation: string
{
    case OilBlack = 'oil_black';
    case OilCreamUnderCap = 'oil_cream_under_cap';
    case OilFaintFuel = 'oil_faint_fuel';
    case OilFineSheen = 'oil_fine_sheen';
    case OilEmulsified = 'oil_emulsified';
    case OilFuelAndHigh = 'oil_fuel_and_high';
    case OilMetal = 'oil_metal';
    case ArrivalInBand = 'arrival_in_band';
    case ArrivalHigh = 'arrival_high';
    case ArrivalLow = 'arrival_low';
    case LeaksDry = 'leaks_dry';
    case LeaksOil = 'leaks_oil';
    case LeaksFuel = 'leaks_fuel';
    case TellTaleSteady = 'tell_tale_steady';
    case TellTaleWeak = 'tell_tale_weak';

    /** What is looked at, by the question that a step asks. */
    public const QUESTIONS = [
        'oil_appearance' => 'the old engine oil',
        'arrival_level' => 'the level on arrival',
        'leaks' => 'leaks in the run',
        'tell_tale' => 'the tell-tale',
    ];

    public function answer(): Answer
    {
        return Answer::kept($this->value, $this->label(), $this->verdict(), $this->meaning(), (string) $this->instruction(), false);
    }

    /** @return list<self> the answers to one question: oil_appearance, arrival_level, leaks or tell_tale */
    public static function answersTo(string $question): array
    {
        return array_values(array_filter(self::cases(), static fn (self $case): bool => $question === $case->question()));
    }

    public function question(): string
    {
        return match ($this) {
            self::ArrivalInBand, self::ArrivalHigh, self::ArrivalLow => 'arrival_level',
            self::LeaksDry, self::LeaksOil, self::LeaksFuel => 'leaks',
            self::TellTaleSteady, self::TellTaleWeak => 'tell_tale',
            default => 'oil_appearance',
        };
    }

    /** Whether a question is about the engine as it came, and not as it left. */
    public static function isOfArrival(string $question): bool
    {
        return \in_array($question, ['oil_appearance', 'arrival_level'], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::OilBlack => 'Black or brown, clear of water and metal',
            self::OilCreamUnderCap => 'Cream under the fill cap only, oil clear',
            self::OilFaintFuel => 'Faint smell of fuel, level normal',
            self::OilFineSheen => 'Fine sheen at the first service',
            self::OilEmulsified => 'Emulsified: milky, creamy',
            self::OilFuelAndHigh => 'Smell of fuel and level above the mark',
            self::OilMetal => 'Metal flakes',
            self::ArrivalInBand => 'Between the marks',
            self::ArrivalHigh => 'Above the top mark',
            self::ArrivalLow => 'Below the low mark',
            self::LeaksDry => 'All dry',
            self::LeaksOil => 'Oil leaks',
            self::LeaksFuel => 'Smell of fuel or a wet fuel joint',
            self::TellTaleSteady => 'Steady',
            self::TellTaleWeak => 'Weak or none',
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::OilBlack => 'normal',
            self::OilCreamUnderCap => 'condensation',
            self::OilFaintFuel => 'short runs',
            self::OilFineSheen => 'running-in: cut the filter open and look',
            self::OilEmulsified => 'water in the oil',
            self::OilFuelAndHigh => 'fuel dilution',
            self::OilMetal => 'bearing or gear damage',
            self::ArrivalInBand => 'as it should be',
            self::ArrivalHigh => 'fuel or water in the oil, or it was overfilled',
            self::ArrivalLow => 'it used oil, leaks, or was neglected',
            self::LeaksDry => 'tight',
            self::LeaksOil => 'a joint is not tight',
            self::LeaksFuel => 'fuel leak: no ignition',
            self::TellTaleSteady => 'cooling water flows',
            self::TellTaleWeak => 'no cooling',
        };
    }

    public function verdict(): Verdict
    {
        return match ($this) {
            self::OilBlack, self::ArrivalInBand, self::LeaksDry, self::TellTaleSteady => Verdict::GoOn,
            self::OilCreamUnderCap, self::OilFaintFuel, self::OilFineSheen => Verdict::Note,
            default => Verdict::Stop,
        };
    }

    /** What the technician must do at once. */
    public function instruction(): ?string
    {
        return match ($this) {
            self::OilEmulsified => 'Stop. Do not run this engine. Tell the service writer at once: if it is salt water, the engine must be preserved today.',
            self::OilFuelAndHigh => 'Stop. Do not run this engine until the cause is found.',
            self::OilMetal => 'Stop. Keep the oil and the filter. Call the lead technician.',
            self::ArrivalHigh => 'Stop. Don\'t run it, don\'t take oil out and go on: find out which it is. Tell the service writer.',
            self::ArrivalLow => 'Stop. Don\'t warm it, don\'t pour before the drain. Tell the service writer: '
                .'it is drained rested, and watched afterwards.',
            self::LeaksOil => 'Stop the engine. Find the joint, and say what is wrong.',
            self::LeaksFuel => 'Stop the engine. No ignition, ventilate. Call the lead technician.',
            self::TellTaleWeak => 'Stop the engine at once. Check the water supply first.',
            default => null,
        };
    }
}
