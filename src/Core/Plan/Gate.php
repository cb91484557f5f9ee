<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What must be so before something may happen. No policy lifts a gate. */
enum Gate: string
{
    case WaterSupplied = 'water_supplied';
    case OilInEngine = 'oil_in_engine';
    case DrainShut = 'drain_shut';
    case SpillShut = 'spill_shut';
    case FilterFitted = 'filter_fitted';
    case NotRunning = 'not_running';
    case LockedOut = 'locked_out';
    case NotLockedOut = 'not_locked_out';
    case OldGasketSeen = 'old_gasket_seen';
    case Rested = 'rested';
    case Cold = 'cold';
    case GearScrewsProven = 'gear_screws_proven';
    case GearVentShut = 'gear_vent_shut';
    case GearDrainShut = 'gear_drain_shut';
    case GearOilIn = 'gear_oil_in';
    case FuelTight = 'fuel_tight';
    case ShiftProven = 'shift_proven';
    case PropellerLocked = 'propeller_locked';
    case RamDrawnIn = 'ram_drawn_in';
    case CountedOut = 'counted_out';
    case Opened = 'opened';
    case Shut = 'shut';
    case OpenedOnce = 'opened_once';
    case Attitude = 'attitude';

    public function text(): string
    {
        return match ($this) {
            self::WaterSupplied => 'water is supplied to the engine',
            self::OilInEngine => 'there is oil in the engine',
            self::DrainShut => 'the drain is closed',
            self::SpillShut => 'the spill trough is closed',
            self::FilterFitted => 'the filter is fitted',
            self::NotRunning => 'the engine has stopped',
            self::LockedOut => 'the engine can\'t start',
            self::NotLockedOut => 'the lockout is lifted',
            self::OldGasketSeen => 'the old filter\'s gasket was seen off the engine',
            self::Rested => 'the oil has rested',
            self::Cold => 'the engine is cold',
            self::GearScrewsProven => 'both gearcase screws are proven free',
            self::GearVentShut => 'the gearcase vent is closed',
            self::GearDrainShut => 'the gearcase drain is closed',
            self::GearOilIn => 'there is lubricant in the gearcase',
            self::FuelTight => 'the fuel joints are under pressure and dry',
            self::ShiftProven => 'the shift is proven by hand',
            self::PropellerLocked => 'the propeller nut\'s lock is engaged',
            self::RamDrawnIn => 'the steering ram is fully drawn in',
            self::CountedOut => 'rags and tools are counted out',
            self::Opened => 'what lies in front is open',
            self::Shut => 'what must be closed is closed',
            self::OpenedOnce => 'it is opened once and closed once',
            self::Attitude => 'the engine hangs as it must',
        };
    }

    /** @return list<self> the gates before an effect */
    public static function before(Effect $effect): array
    {
        return match ($effect) {
            Effect::Started => [self::WaterSupplied, self::OilInEngine, self::DrainShut, self::SpillShut, self::FilterFitted, self::NotLockedOut, self::GearOilIn, self::GearVentShut, self::GearDrainShut, self::FuelTight, self::ShiftProven],
            Effect::WaterOff, Effect::LockedOut => [self::NotRunning],
            Effect::SetVertical, Effect::SetTiltedUp, Effect::SetTrimmedIn => [self::NotRunning],
            Effect::DrainOpened, Effect::OilOut, Effect::FilterOff, Effect::GearScrewsProven, Effect::FuelOpened, Effect::ShiftProven, Effect::TurnedByHand, Effect::PropellerLockOpened => [self::NotRunning, self::LockedOut],
            Effect::SpillOpened => [self::NotRunning, self::LockedOut, self::DrainShut],
            Effect::FilterOn => [self::OldGasketSeen],
            Effect::OilIn => [self::NotRunning, self::DrainShut, self::SpillShut, self::FilterFitted],
            Effect::LevelRead => [self::NotRunning, self::Rested],
            Effect::GearOpened => [self::NotRunning, self::LockedOut, self::GearScrewsProven],
            Effect::GearDrainClosed => [self::GearVentShut],
            Effect::ShiftApart => [self::NotRunning, self::LockedOut, self::GearVentShut, self::GearDrainShut],
            Effect::RamGreased => [self::RamDrawnIn],
            default => [],
        };
    }

    /** @return list<self> what must be so when an engine leaves the bench */
    public static function atTheEnd(): array
    {
        return [self::NotRunning, self::DrainShut, self::SpillShut, self::FilterFitted, self::OilInEngine, self::GearVentShut, self::GearDrainShut, self::GearOilIn, self::FuelTight, self::ShiftProven, self::PropellerLocked];
    }

    /** @return list<self> what an engine that arrives whole does not meet yet */
    public static function notOnArrival(): array
    {
        return [self::WaterSupplied, self::LockedOut, self::OldGasketSeen, self::Rested, self::GearScrewsProven, self::RamDrawnIn, self::CountedOut];
    }
}
