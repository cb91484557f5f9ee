<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What is taken off or out once in an order, and put back once, however many tasks lie behind it. */
enum Opening: string
{
    case Cowl = 'cowl';
    case Panel = 'panel';
    case PlugCover = 'plug_cover';
    case FlywheelGuard = 'flywheel_guard';
    case Plugs = 'plugs';
    case FuelLine = 'fuel_line';
    case BoatFuel = 'boat_fuel';
    case ValveCover = 'valve_cover';
    case Thermostat = 'thermostat';
    case AnodeCovers = 'anode_covers';
    case Belt = 'belt';
    case OilTube = 'oil_tube';
    case Propeller = 'propeller';
    case LowerUnit = 'lower_unit';
    case PumpHousing = 'pump_housing';

    public function label(): string
    {
        return match ($this) {
            self::Cowl => 'cowl',
            self::Panel => 'side panel',
            self::PlugCover => 'plug cover',
            self::FlywheelGuard => 'guard over flywheel and belts',
            self::Plugs => 'spark plugs',
            self::FuelLine => 'fuel line',
            self::BoatFuel => 'boat\'s fuel line',
            self::ValveCover => 'valve cover',
            self::Thermostat => 'thermostat housing',
            self::AnodeCovers => 'covers of the inner anodes',
            self::Belt => 'belt',
            self::OilTube => 'dipstick or fill tube',
            self::Propeller => 'propeller',
            self::LowerUnit => 'lower unit',
            self::PumpHousing => 'pump housing',
        };
    }

    /** Whether an engine must not be started, and not be cranked, while this is open. */
    public function barsStart(): bool
    {
        return !\in_array($this, [self::Cowl, self::Panel, self::PlugCover, self::Propeller], true);
    }

    /** Where on the engine it is open. */
    public function zone(): Zone
    {
        return \in_array($this, [self::Propeller, self::LowerUnit, self::PumpHousing], true) ? Zone::Gearcase : Zone::Powerhead;
    }

    /** A cover over parts that stays off while the work goes on; what else is open is closed as soon as nothing needs it. */
    public function isCover(): bool
    {
        return \in_array($this, [self::Cowl, self::Panel, self::PlugCover, self::FlywheelGuard], true);
    }

    /** Not every engine has it: where the book opens none, nothing is in the way. */
    public function mayBeLacking(): bool
    {
        return \in_array($this, [self::Panel, self::PlugCover, self::FlywheelGuard], true);
    }

    /** @return list<self> what must be closed before an effect */
    public static function shutBefore(Effect $effect): array
    {
        return match ($effect) {
            Effect::Cranked, Effect::Started => array_values(array_filter(
                self::cases(),
                static fn (self $opening): bool => $opening->barsStart(),
            )),
            Effect::OilIn => [self::OilTube, self::Belt],
            Effect::GearOpened => [self::LowerUnit],
            Effect::SetVertical, Effect::SetTiltedUp, Effect::SetTrimmedIn, Effect::SetPartWay, Effect::SetSteeredOver,
            Effect::SetLaidOver => [self::LowerUnit],
            default => [],
        };
    }
}
