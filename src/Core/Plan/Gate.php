<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What must be so before something may happen. No policy lifts a gate. */
enum Gate: string
{
    case WaterSupplied = 'water_supplied';
    case OilInEngine = 'oil_in_engine';
    case WaterShut = 'water_shut';
    case DrainShut = 'drain_shut';
    case SpillShut = 'spill_shut';
    case FilterFitted = 'filter_fitted';
    case NotRunning = 'not_running';
    case LockedOut = 'locked_out';
    case StartInhibited = 'start_inhibited';
    case NotLockedOut = 'not_locked_out';
    case OldGasketSeen = 'old_gasket_seen';
    case Rested = 'rested';
    case Cold = 'cold';
    /** Nothing was done yet that changes the level. */
    case AsArrived = 'as_arrived';
    case GearScrewsProven = 'gear_screws_proven';
    case GearVentShut = 'gear_vent_shut';
    case GearDrainShut = 'gear_drain_shut';
    case GearOilIn = 'gear_oil_in';
    /** No gear lubricant went in yet. */
    case GearNotFilled = 'gear_not_filled';
    case PropellerFirst = 'propeller_first';
    case FuelTight = 'fuel_tight';
    case FuelPanShut = 'fuel_pan_shut';
    case ShiftMarked = 'shift_marked';
    case LowerUnitHeld = 'lower_unit_held';
    case ShiftProven = 'shift_proven';
    case PropellerLocked = 'propeller_locked';
    case RamDrawnIn = 'ram_drawn_in';
    case OilWiped = 'oil_wiped';
    case NotSprayed = 'not_sprayed';
    case HosesOff = 'hoses_off';
    case BungIn = 'bung_in';
    case CountedOut = 'counted_out';
    case Opened = 'opened';
    case Shut = 'shut';
    case OpenedOnce = 'opened_once';
    case Attitude = 'attitude';
    /** A pour, a drain, a filter, a reading says how the engine hangs, or that any way will do. */
    case AttitudeSaid = 'attitude_said';
    /** One person stays from start to stop. */
    case Attended = 'attended';
    /** The lockout is lifted for the start, at the start, and is back right after the stop. */
    case LiftedForStart = 'lifted_for_start';
    case SharedLockout = 'shared_lockout';
    case NeighboursClear = 'neighbours_clear';
    case RigFuelTight = 'rig_fuel_tight';
    case NoVapour = 'no_vapour';
    case FilterNext = 'filter_next';
    case FuelNext = 'fuel_next';
    /** What is open waits for a drip or for work behind it, and for nothing else. */
    case ClosedNext = 'closed_next';
    case NobodyBelow = 'nobody_below';
    case Together = 'together';
    case CowlLast = 'cowl_last';
    case OnePlace = 'one_place';
    case OneZone = 'one_zone';

    public function text(): string
    {
        return match ($this) {
            self::WaterSupplied => 'water is supplied to the engine',
            self::OilInEngine => 'there is oil in the engine',
            self::WaterShut => 'the water supply is off',
            self::DrainShut => 'the drain is closed',
            self::SpillShut => 'the spill trough is closed',
            self::FilterFitted => 'the filter is fitted',
            self::NotRunning => 'the engine has stopped',
            self::LockedOut => 'the engine can\'t start',
            self::StartInhibited => 'the start is inhibited',
            self::NotLockedOut => 'the lockout is lifted',
            self::OldGasketSeen => 'the old filter\'s gasket was seen off the engine',
            self::Rested => 'the oil has rested',
            self::Cold => 'the engine is cold',
            self::AsArrived => 'the engine is as it came: not tilted up, turned, warmed, drained or topped up',
            self::GearScrewsProven => 'both gearcase screws are proven free',
            self::GearVentShut => 'the gearcase vent is closed',
            self::GearDrainShut => 'the gearcase drain is closed',
            self::GearOilIn => 'there is lubricant in the gearcase',
            self::PropellerFirst => 'the propeller comes off before the lower unit',
            self::GearNotFilled => 'no gear lubricant has gone in yet',
            self::FuelTight => 'the fuel joints are under pressure and dry',
            self::FuelPanShut => 'the fuel that ran out is in its closed can',
            self::ShiftMarked => 'the shift is in its gear and marked',
            self::LowerUnitHeld => 'the lower unit is held',
            self::ShiftProven => 'the shift is proven by hand',
            self::PropellerLocked => 'the propeller nut\'s lock is engaged',
            self::RamDrawnIn => 'the steering ram is fully drawn in',
            self::OilWiped => 'spilled oil is wiped off',
            self::NotSprayed => 'nothing was sprayed yet',
            self::HosesOff => 'the water hoses are off',
            self::BungIn => 'the bung is in',
            self::CountedOut => 'rags and tools are counted out',
            self::Opened => 'what lies in front is open',
            self::Shut => 'what must be closed is closed',
            self::OpenedOnce => 'it is opened once and closed once',
            self::Attitude => 'the engine hangs as it must',
            self::AttitudeSaid => 'it is said how the engine hangs',
            self::Attended => 'one person stays by the engine from start to stop',
            self::LiftedForStart => 'the lockout is lifted only for the start and is back right after the stop',
            self::SharedLockout => 'nobody works on an engine that shares its key, lanyard or battery with one that is free to start',
            self::NeighboursClear => 'nobody has hands at propeller, water or belts of the engine beside',
            self::RigFuelTight => 'no fuel is open or unproven anywhere on the rig',
            self::NoVapour => 'no solvent is sprayed while an engine runs',
            self::FilterNext => 'the new filter goes on as soon as the old one is off',
            self::FuelNext => 'a fuel joint that is off goes on again next',
            self::ClosedNext => 'what waits for nothing is closed before anything else',
            self::NobodyBelow => 'nobody is at an engine that is turned',
            self::Together => 'what belongs together is done in one go',
            self::CowlLast => 'the cowl goes on last of all',
            self::OnePlace => 'a person is in one place at a time',
            self::OneZone => 'one person at a time works in one place of an engine',
        };
    }

    /** @return list<self> the gates before an effect */
    public static function before(Effect $effect): array
    {
        return match ($effect) {
            Effect::Cranked, Effect::Started => [
                self::WaterSupplied, self::OilInEngine, self::DrainShut, self::SpillShut, self::FilterFitted, self::NotLockedOut,
                self::GearOilIn, self::GearVentShut, self::GearDrainShut, self::FuelTight, self::FuelPanShut, self::ShiftProven,
            ],
            Effect::WaterOff, Effect::LockedOut, Effect::Powered => [self::NotRunning],
            Effect::SetVertical, Effect::SetTiltedUp, Effect::SetTrimmedIn, Effect::SetPartWay, Effect::SetSteeredOver,
            Effect::SetLaidOver => [self::NotRunning, self::StartInhibited, self::FuelTight, self::DrainShut, self::SpillShut],
            Effect::DrainOpened, Effect::OilOut, Effect::FilterOff, Effect::GearScrewsProven, Effect::FuelOpened, Effect::ShiftProven, Effect::TurnedByHand, Effect::PropellerLockOpened => [self::NotRunning, self::LockedOut],
            Effect::SpillOpened => [self::NotRunning, self::LockedOut, self::DrainShut],
            Effect::FilterOn => [self::OldGasketSeen],
            Effect::OilIn => [self::NotRunning, self::DrainShut, self::SpillShut, self::FilterFitted],
            Effect::LevelRead => [self::NotRunning, self::Rested],
            Effect::ArrivalRead => [self::NotRunning, self::LockedOut, self::AsArrived],
            Effect::SealSeen => [self::GearNotFilled],
            Effect::LeaksLooked => [self::OilWiped, self::NotSprayed],
            Effect::Launched => [self::HosesOff, self::BungIn],
            Effect::GearOpened => [self::NotRunning, self::LockedOut, self::GearScrewsProven],
            Effect::GearDrainClosed => [self::GearVentShut],
            Effect::ShiftApart => [
                self::NotRunning, self::LockedOut, self::WaterShut, self::GearVentShut, self::GearDrainShut, self::GearNotFilled,
                self::ShiftMarked, self::LowerUnitHeld,
            ],
            Effect::RamGreased => [self::RamDrawnIn],
            default => [],
        };
    }

    /** @return list<self> what must be so when an engine leaves the bench */
    public static function atTheEnd(): array
    {
        return [
            self::NotRunning,
            self::DrainShut,
            self::SpillShut,
            self::FilterFitted,
            self::OilInEngine,
            self::GearVentShut,
            self::GearDrainShut,
            self::GearOilIn,
            self::FuelTight,
            self::FuelPanShut,
            self::ShiftProven,
            self::PropellerLocked,
            self::WaterShut,
        ];
    }

    /** @return list<self> what an engine that arrives whole does not meet yet */
    public static function notOnArrival(): array
    {
        return [
            self::WaterSupplied,
            self::LockedOut,
            self::OldGasketSeen,
            self::Rested,
            self::GearScrewsProven,
            self::ShiftMarked,
            self::LowerUnitHeld,
            self::RamDrawnIn,
            self::BungIn,
            self::CountedOut,
            self::StartInhibited,
        ];
    }

    /**
     * @param list<self> $gates
     *
     * @return array<string, true> by their code
     */
    public static function codes(array $gates): array
    {
        $codes = [];
        foreach ($gates as $gate) {
            $codes[$gate->value] = true;
        }

        return $codes;
    }
}
