<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** The cautions of the trade. An operation names those it calls for; nobody can remove them from an order. */
enum Caution: string
{
    case CannotStart = 'cannot_start';
    case HotOil = 'hot_oil';
    case RotatingParts = 'rotating_parts';
    case RunWithWater = 'run_with_water';
    case Exhaust = 'exhaust';
    case TiltSupport = 'tilt_support';
    case FuelVapour = 'fuel_vapour';
    case Lifting = 'lifting';
    case Sprays = 'sprays';
    case Battery = 'battery';
    case Gloves = 'gloves';
    case Slips = 'slips';
    case Waste = 'waste';
    case OverWater = 'over_water';
    case Manual = 'manual';

    public function title(): string
    {
        return match ($this) {
            self::CannotStart => 'Engine can\'t start',
            self::HotOil => 'Hot oil, hot parts',
            self::RotatingParts => 'Rotating parts',
            self::RunWithWater => 'Water before start',
            self::Exhaust => 'Exhaust',
            self::TiltSupport => 'Tilted engine',
            self::FuelVapour => 'Fuel vapour',
            self::Lifting => 'Heavy',
            self::Sprays => 'Sprays',
            self::Battery => 'Battery',
            self::Gloves => 'Hands and eyes',
            self::Slips => 'Slippery floor',
            self::Waste => 'Waste',
            self::OverWater => 'Over water',
            self::Manual => 'The manual comes first',
        };
    }

    public function text(): string
    {
        return match ($this) {
            self::CannotStart => 'Key out, lanyard off and battery switch off before hands go near propeller, flywheel or belt.',
            self::HotOil => 'Warm to the touch, never scalding. Oil may still run after it seems to have stopped.',
            self::RotatingParts => 'With the cowl off, keep hands, sleeves and hair away from flywheel and belts. Clear the propeller.',
            self::RunWithWater => 'Never start without a water supply. No tell-tale within seconds, or the oil warning stays on: stop.',
            self::Exhaust => 'Run only where the exhaust can leave the building.',
            self::TiltSupport => 'Set the tilt lock or a support before anyone reaches under a tilted engine.',
            self::FuelVapour => 'Ventilate, no ignition source, let the pressure go first, two people. A smell of fuel: stop.',
            self::Lifting => 'Two people or a lifting aid; nobody under what hangs.',
            self::Sprays => 'Sprays stay off belts, off hot metal and out of the air over fuel.',
            self::Battery => 'Battery switch off before a terminal is touched; no metal across the terminals.',
            self::Gloves => 'Oil-proof gloves and eye protection.',
            self::Slips => 'Wipe spilled oil at once.',
            self::Waste => 'Used oil, filters and rags go to their own containers, never into a drain or the water.',
            self::OverWater => 'Afloat nothing may drop or drip: pads under every joint, tools on lanyards.',
            self::Manual => 'The maker\'s manual and local rules come before this order. Work that needs a licence or training goes to someone who has it.',
        };
    }
}
