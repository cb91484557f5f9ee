<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What an operation changes, in the closed vocabulary over which the gates are written. */
enum Effect: string
{
    case WaterOn = 'water_on';
    case WaterOff = 'water_off';
    /** No power, tagged. */
    case LockedOut = 'locked_out';
    /** Power on, the start inhibited, everybody's hands away. */
    case Powered = 'powered';
    case LockoutLifted = 'lockout_lifted';
    /** Turned over without starting, by the starter or the cord: for the gates that is a start. */
    case Cranked = 'cranked';
    case Started = 'started';
    case Stopped = 'stopped';
    case SetVertical = 'set_vertical';
    case SetTiltedUp = 'set_tilted_up';
    case SetTrimmedIn = 'set_trimmed_in';
    case SetPartWay = 'set_part_way';
    case SetSteeredOver = 'set_steered_over';
    case SetLaidOver = 'set_laid_over';
    case DrainOpened = 'drain_opened';
    case DrainClosed = 'drain_closed';
    case OilOut = 'oil_out';
    case SpillOpened = 'spill_opened';
    case SpillClosed = 'spill_closed';
    case FilterOff = 'filter_off';
    case OldGasketSeen = 'old_gasket_seen';
    case FilterOn = 'filter_on';
    case OilIn = 'oil_in';
    case Rested = 'rested';
    case LevelRead = 'level_read';
    /** The level before anything is done that could change it. */
    case ArrivalRead = 'arrival_read';
    case GearScrewsProven = 'gear_screws_proven';
    case GearOpened = 'gear_opened';
    /** Propeller shaft and its seal looked at. */
    case SealSeen = 'seal_seen';
    case GearFilled = 'gear_filled';
    case GearVentClosed = 'gear_vent_closed';
    case GearDrainClosed = 'gear_drain_closed';
    case FuelOpened = 'fuel_opened';
    /** What ran out of the fuel joints is in its closed can. */
    case FuelPanShut = 'fuel_pan_shut';
    case FuelProven = 'fuel_proven';
    case ShiftMarked = 'shift_marked';
    /** The lower unit is held by people or by a lifting aid. */
    case LowerUnitHeld = 'lower_unit_held';
    case ShiftApart = 'shift_apart';
    case ShiftProven = 'shift_proven';
    case PropellerLockOpened = 'propeller_lock_opened';
    case PropellerLocked = 'propeller_locked';
    case RamDrawnIn = 'ram_drawn_in';
    case RamGreased = 'ram_greased';
    case TurnedByHand = 'turned_by_hand';
    case OilWiped = 'oil_wiped';
    case LeaksLooked = 'leaks_looked';
    case Sprayed = 'sprayed';
    case HosesOff = 'hoses_off';
    case HosesOn = 'hoses_on';
    case BungIn = 'bung_in';
    case Launched = 'launched';
    case CountedOut = 'counted_out';

    /** @return list<Gate> the gates that it brings about */
    public function meets(): array
    {
        return match ($this) {
            self::WaterOn => [Gate::WaterSupplied],
            self::WaterOff => [Gate::WaterShut],
            self::LockedOut => [Gate::LockedOut, Gate::StartInhibited],
            self::Powered => [Gate::StartInhibited],
            self::LockoutLifted => [Gate::NotLockedOut],
            self::Stopped => [Gate::NotRunning],
            self::DrainClosed => [Gate::DrainShut],
            self::SpillClosed => [Gate::SpillShut],
            self::OldGasketSeen => [Gate::OldGasketSeen],
            self::FilterOn => [Gate::FilterFitted],
            self::OilIn => [Gate::OilInEngine],
            self::Rested => [Gate::Rested],
            self::GearScrewsProven => [Gate::GearScrewsProven],
            self::GearFilled => [Gate::GearOilIn],
            self::GearVentClosed => [Gate::GearVentShut],
            self::GearDrainClosed => [Gate::GearDrainShut],
            self::FuelPanShut => [Gate::FuelPanShut],
            self::FuelProven => [Gate::FuelTight],
            self::ShiftMarked => [Gate::ShiftMarked],
            self::LowerUnitHeld => [Gate::LowerUnitHeld],
            self::ShiftProven => [Gate::ShiftProven],
            self::PropellerLocked => [Gate::PropellerLocked],
            self::RamDrawnIn => [Gate::RamDrawnIn],
            self::OilWiped => [Gate::OilWiped],
            self::HosesOff => [Gate::HosesOff],
            self::BungIn => [Gate::BungIn],
            self::CountedOut => [Gate::CountedOut],
            default => [],
        };
    }

    /** @return list<Gate> the gates that it undoes */
    public function breaks(): array
    {
        return match ($this) {
            self::WaterOn => [Gate::WaterShut],
            self::WaterOff => [Gate::WaterSupplied],
            self::LockedOut => [Gate::NotLockedOut],
            self::Powered => [Gate::LockedOut, Gate::NotLockedOut],
            self::LockoutLifted => [Gate::LockedOut, Gate::StartInhibited],
            self::Cranked => [Gate::Rested, Gate::AsArrived],
            self::Started => [Gate::NotRunning, Gate::Rested, Gate::Cold, Gate::AsArrived],
            self::SetVertical, self::SetTrimmedIn => [Gate::Rested],
            self::SetTiltedUp, self::SetPartWay, self::SetSteeredOver, self::SetLaidOver => [Gate::Rested, Gate::AsArrived],
            self::DrainOpened => [Gate::DrainShut, Gate::OilInEngine, Gate::CountedOut, Gate::AsArrived, Gate::OilWiped],
            self::OilOut => [Gate::OilInEngine, Gate::AsArrived, Gate::OilWiped],
            self::SpillOpened => [Gate::SpillShut],
            self::FilterOff => [Gate::FilterFitted, Gate::OldGasketSeen, Gate::CountedOut, Gate::OilWiped],
            self::OilIn => [Gate::Rested, Gate::AsArrived, Gate::OilWiped],
            self::GearOpened => [Gate::GearDrainShut, Gate::GearVentShut, Gate::GearOilIn],
            self::GearFilled => [Gate::GearNotFilled],
            self::FuelOpened => [Gate::FuelTight, Gate::FuelPanShut],
            self::Sprayed => [Gate::NotSprayed],
            self::TurnedByHand => [Gate::AsArrived],
            self::HosesOn => [Gate::HosesOff],
            self::ShiftApart => [Gate::ShiftProven, Gate::ShiftMarked, Gate::LowerUnitHeld],
            self::PropellerLockOpened => [Gate::PropellerLocked],
            default => [],
        };
    }

    /** The attitude that it brings the engine into. */
    public function attitude(): ?Attitude
    {
        return match ($this) {
            self::SetVertical => Attitude::Vertical,
            self::SetTiltedUp => Attitude::TiltedUp,
            self::SetTrimmedIn => Attitude::TrimmedIn,
            self::SetPartWay => Attitude::PartWay,
            self::SetSteeredOver => Attitude::SteeredOver,
            self::SetLaidOver => Attitude::LaidOver,
            default => null,
        };
    }

    /** Whether it only turns the engine, locks it out or makes it free to start. */
    public function isMode(): bool
    {
        return null !== $this->attitude() || \in_array($this, [self::LockedOut, self::Powered, self::LockoutLifted], true);
    }

    /** Oil or lubricant goes in or comes out, or is read: the engine must hang as the sheet says. */
    public function asksForAttitude(): bool
    {
        return \in_array(
            $this,
            [
                self::DrainOpened,
                self::OilOut,
                self::FilterOff,
                self::OilIn,
                self::LevelRead,
                self::ArrivalRead,
                self::GearOpened,
                self::GearFilled,
            ],
            true,
        );
    }

    /** It only makes an engine safer, and goes on whatever else is stopped. */
    public function makesSafe(): bool
    {
        return \in_array(
            $this,
            [
                self::Stopped,
                self::WaterOff,
                self::LockedOut,
                self::DrainClosed,
                self::SpillClosed,
                self::FilterOn,
                self::GearVentClosed,
                self::GearDrainClosed,
                self::FuelPanShut,
                self::FuelProven,
                self::PropellerLocked,
                self::LowerUnitHeld,
                self::OilWiped,
            ],
            true,
        );
    }
}
