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
    case CowlOff = 'cowl_off';
    case PanelShut = 'panel_shut';
    case CowlShut = 'cowl_shut';

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
            self::CowlOff => 'the cowl is off',
            self::PanelShut => 'the side panel is on',
            self::CowlShut => 'the cowl is on',
        };
    }

    /** @return list<self> the gates before an effect */
    public static function before(Effect $effect): array
    {
        return match ($effect) {
            Effect::Started => [self::WaterSupplied, self::OilInEngine, self::DrainShut, self::SpillShut, self::FilterFitted, self::NotLockedOut],
            Effect::WaterOff => [self::NotRunning],
            Effect::DrainOpened, Effect::OilOut => [self::NotRunning, self::LockedOut],
            Effect::SpillOpened => [self::NotRunning, self::LockedOut, self::DrainShut],
            Effect::FilterOff => [self::NotRunning, self::LockedOut, self::DrainShut],
            Effect::FilterOn => [self::OldGasketSeen],
            Effect::OilIn => [self::NotRunning, self::DrainShut, self::SpillShut, self::FilterFitted],
            Effect::LevelRead => [self::NotRunning, self::Rested],
            Effect::CowlOff => [self::NotRunning, self::LockedOut],
            Effect::PanelOff => [self::NotRunning, self::LockedOut, self::CowlOff],
            Effect::CowlOn => [self::NotRunning, self::PanelShut],
            default => [],
        };
    }

    /** @return list<self> what must be so when an engine leaves the bench */
    public static function atTheEnd(): array
    {
        return [self::NotRunning, self::DrainShut, self::SpillShut, self::FilterFitted, self::OilInEngine, self::PanelShut, self::CowlShut];
    }
}
