<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A periodic task: one that a sheet can schedule, or one of the boat's own. */
enum Task: string
{
    case EngineOil = 'engine_oil';
    case OilFilter = 'oil_filter';
    case SparkPlugs = 'spark_plugs';
    /** Before the filter on the engine: what is stirred up in it is caught by the old one. */
    case FuelSeparator = 'fuel_separator';
    case FuelFilter = 'fuel_filter';
    case GearLubricant = 'gear_lubricant';
    case PropellerShaft = 'propeller_shaft';
    case WaterPump = 'water_pump';
    case ExternalAnodes = 'external_anodes';
    case InternalAnodes = 'internal_anodes';
    case Thermostats = 'thermostats';
    case AccessoryBelt = 'accessory_belt';
    case TimingBelt = 'timing_belt';
    case TimingBeltCheck = 'timing_belt_check';
    case ValveClearance = 'valve_clearance';
    case Lubrication = 'lubrication';
    case Inspection = 'inspection';

    public function title(): string
    {
        return match ($this) {
            self::EngineOil => 'Engine oil',
            self::OilFilter => 'Oil filter',
            self::SparkPlugs => 'Spark plugs',
            self::FuelSeparator => 'Boat\'s fuel separator',
            self::FuelFilter => 'Fuel filter',
            self::GearLubricant => 'Gear lubricant',
            self::PropellerShaft => 'Propeller shaft',
            self::WaterPump => 'Water pump',
            self::ExternalAnodes => 'External anodes',
            self::InternalAnodes => 'Internal anodes',
            self::Thermostats => 'Thermostats',
            self::AccessoryBelt => 'Accessory belt',
            self::TimingBelt => 'Timing belt or chain',
            self::TimingBeltCheck => 'Timing belt check',
            self::ValveClearance => 'Valve clearance',
            self::Lubrication => 'Lubrication points',
            self::Inspection => 'Inspection points',
        };
    }

    /** The task in whose openings and drain this one is done: without it, it is not done at all. */
    public function within(): ?self
    {
        return self::OilFilter === $this ? self::EngineOil : null;
    }

    /** @return non-empty-list<self> itself, after the one in which it is done */
    public function withOuter(): array
    {
        $outer = $this->within();

        return null === $outer ? [$this] : [$outer, $this];
    }

    /** The longer task of which this one is a part: where both are called for, the longer one is listed. */
    public function partOf(): ?self
    {
        return self::TimingBeltCheck === $this ? self::TimingBelt : null;
    }

    /**
     * Whether its procedure also says how the component is renewed where the sheet only asks for a look or a cleaning; of
     * what drives the valves that is only so if it is a belt.
     */
    public function renewsOnWish(): bool
    {
        return \in_array(
            $this,
            [self::AccessoryBelt, self::Thermostats, self::ExternalAnodes, self::InternalAnodes, self::TimingBelt, self::TimingBeltCheck],
            true,
        );
    }

    /** As a renewal is told. */
    public function renewedTitle(): string
    {
        return (self::TimingBelt === ($this->partOf() ?? $this) ? 'Timing belt' : $this->title()).' (renewed)';
    }

    /** Afloat it can't be reached, or would drip. */
    public function isUnderWater(): bool
    {
        return \in_array($this, [self::GearLubricant, self::PropellerShaft, self::WaterPump, self::ExternalAnodes], true);
    }

    /** What it is done to: tasks on the same component share their records. */
    public function component(): string
    {
        return ($this->partOf() ?? $this)->value;
    }

    public function schedule(): SheetField
    {
        return match ($this) {
            self::EngineOil => SheetField::ScheduleEngineOil,
            self::OilFilter => SheetField::ScheduleOilFilter,
            self::SparkPlugs => SheetField::ScheduleSparkPlugs,
            self::FuelSeparator => SheetField::BoatSeparatorEvery,
            self::FuelFilter => SheetField::ScheduleFuelFilter,
            self::GearLubricant => SheetField::ScheduleGearLubricant,
            self::PropellerShaft => SheetField::SchedulePropellerShaft,
            self::WaterPump => SheetField::ScheduleWaterPump,
            self::ExternalAnodes => SheetField::ScheduleExternalAnodes,
            self::InternalAnodes => SheetField::ScheduleInternalAnodes,
            self::Thermostats => SheetField::ScheduleThermostats,
            self::AccessoryBelt => SheetField::ScheduleAccessoryBelt,
            self::TimingBelt => SheetField::ScheduleTimingBelt,
            self::TimingBeltCheck => SheetField::ScheduleTimingBeltCheck,
            self::ValveClearance => SheetField::ScheduleValveClearance,
            self::Lubrication => SheetField::ScheduleLubrication,
            self::Inspection => SheetField::ScheduleInspection,
        };
    }
}
