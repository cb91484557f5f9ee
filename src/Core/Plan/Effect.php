<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What an operation changes, in the closed vocabulary over which the gates are written. */
enum Effect: string
{
    case WaterOn = 'water_on';
    case WaterOff = 'water_off';
    case LockedOut = 'locked_out';
    case LockoutLifted = 'lockout_lifted';
    case Started = 'started';
    case Stopped = 'stopped';
    case SetVertical = 'set_vertical';
    case SetTiltedUp = 'set_tilted_up';
    case SetTrimmedIn = 'set_trimmed_in';
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
    case GearScrewsProven = 'gear_screws_proven';
    case GearOpened = 'gear_opened';
    case GearFilled = 'gear_filled';
    case GearVentClosed = 'gear_vent_closed';
    case GearDrainClosed = 'gear_drain_closed';
    case FuelOpened = 'fuel_opened';
    case FuelProven = 'fuel_proven';
    case ShiftApart = 'shift_apart';
    case ShiftProven = 'shift_proven';
    case PropellerLockOpened = 'propeller_lock_opened';
    case PropellerLocked = 'propeller_locked';
    case RamDrawnIn = 'ram_drawn_in';
    case RamGreased = 'ram_greased';
    case TurnedByHand = 'turned_by_hand';
    case CountedOut = 'counted_out';

    /** @return list<Gate> the gates that it brings about */
    public function meets(): array
    {
        return match ($this) {
            self::WaterOn => [Gate::WaterSupplied],
            self::LockedOut => [Gate::LockedOut],
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
            self::FuelProven => [Gate::FuelTight],
            self::ShiftProven => [Gate::ShiftProven],
            self::PropellerLocked => [Gate::PropellerLocked],
            self::RamDrawnIn => [Gate::RamDrawnIn],
            self::CountedOut => [Gate::CountedOut],
            default => [],
        };
    }

    /** @return list<Gate> the gates that it undoes */
    public function breaks(): array
    {
        return match ($this) {
            self::WaterOff => [Gate::WaterSupplied],
            self::LockedOut => [Gate::NotLockedOut],
            self::LockoutLifted => [Gate::LockedOut],
            self::Started => [Gate::NotRunning, Gate::Rested, Gate::Cold],
            self::SetVertical, self::SetTiltedUp, self::SetTrimmedIn => [Gate::Rested],
            self::DrainOpened => [Gate::DrainShut, Gate::OilInEngine, Gate::CountedOut],
            self::OilOut => [Gate::OilInEngine],
            self::SpillOpened => [Gate::SpillShut],
            self::FilterOff => [Gate::FilterFitted, Gate::OldGasketSeen, Gate::CountedOut],
            self::OilIn => [Gate::Rested],
            self::GearOpened => [Gate::GearDrainShut, Gate::GearVentShut, Gate::GearOilIn],
            self::FuelOpened => [Gate::FuelTight],
            self::ShiftApart => [Gate::ShiftProven],
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
            default => null,
        };
    }
}
