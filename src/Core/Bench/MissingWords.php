<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Gate;

/** What the bench says where a gate is not met. */
final readonly class MissingWords
{
    public static function of(Gate $gate): string
    {
        return match ($gate) {
            Gate::WaterSupplied => 'The water is not on.',
            Gate::OilInEngine => 'There is no oil in the engine.',
            Gate::WaterShut => 'The water is still on.',
            Gate::DrainShut => 'The drain is still open.',
            Gate::SpillShut => 'The spill trough is still open.',
            Gate::FilterFitted => 'The oil filter is off.',
            Gate::NotRunning => 'The engine runs.',
            Gate::LockedOut => 'The engine is not locked out.',
            Gate::StartInhibited => 'The start is not inhibited.',
            Gate::NotLockedOut => 'The engine is still locked out.',
            Gate::OldGasketSeen => 'Nobody has seen the old filter\'s gasket off the engine.',
            Gate::Rested => 'The oil has not rested.',
            Gate::Cold => 'The engine is not cold any more.',
            Gate::AsArrived => 'The engine has been turned, warmed, drained or topped up: its level on arrival can\'t be read any more.',
            Gate::GearScrewsProven => 'The gearcase screws are not proven free.',
            Gate::GearVentShut => 'The gearcase vent is still open.',
            Gate::GearDrainShut => 'The gearcase drain is still open.',
            Gate::GearOilIn => 'There is no lubricant in the gearcase.',
            Gate::GearNotFilled => 'Gear lubricant has gone in already.',
            Gate::PropellerFirst => 'The propeller comes off before the lower unit.',
            Gate::FuelTight => 'A fuel joint was open and is not proven tight.',
            Gate::FuelPanShut => 'The fuel that ran out still stands open.',
            Gate::ShiftMarked => 'The shift is not marked.',
            Gate::LowerUnitHeld => 'Nothing holds the lower unit.',
            Gate::ShiftProven => 'The shift is not proven by hand.',
            Gate::PropellerLocked => 'The propeller nut is not locked.',
            Gate::RamDrawnIn => 'The steering ram is not drawn in.',
            Gate::OilWiped => 'Spilled oil is not wiped off.',
            Gate::NotSprayed => 'Something was sprayed: a leak can\'t be seen any more.',
            Gate::HosesOff => 'The water hoses are still on.',
            Gate::BungIn => 'The bung is not in.',
            Gate::CountedOut => 'Rags and tools are not counted out.',
            default => 'First it must be so that '.$gate->text().'.',
        };
    }
}
