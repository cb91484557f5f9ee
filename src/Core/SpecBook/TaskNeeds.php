<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/**
 * The values without which a task can't be ordered, by the way in which the engine is built. What a sheet does not
 * say of its own building (no kind of drain, say) is itself a need.
 */
final readonly class TaskNeeds
{
    private const OIL = [
        SheetField::CapacityWithoutFilter, SheetField::Grades, SheetField::PerformanceClass, SheetField::FillCap, SheetField::DipstickLocation,
        SheetField::ReadingAttitude, SheetField::RestAfterRun, SheetField::RestAfterPour, SheetField::RunBeforeReading, SheetField::DrainKind,
        SheetField::DrainAllowed,
    ];
    /** Of a level that is read between two marks; at a plug the oil stands or it does not. */
    private const MARKS = [SheetField::DipstickSpan, SheetField::DipstickBand, SheetField::LargestTopUp];
    private const DRAIN = [
        'plug' => [SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainWrench, SheetField::DrainSeal, SheetField::DrainClosing],
        'valve' => [
            SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainWrench, SheetField::DrainOpeningLimit,
            SheetField::DrainClosing, SheetField::DrainHoseBore,
        ],
        'extraction' => [SheetField::LeftByExtraction],
    ];
    private const SECOND_DRAIN = [SheetField::DrainSecondWrench, SheetField::DrainSecondSeal, SheetField::DrainSecondClosing];
    private const FILTER = [
        SheetField::FilterPart, SheetField::FilterLocation, SheetField::FilterSpill, SheetField::FilterTightening, SheetField::CapacityWithFilter,
    ];
    private const FILTER_KIND = [
        'spin_on' => [SheetField::FilterWrench, SheetField::FilterGasketLubricant],
        'element' => [SheetField::FilterCapTool, SheetField::FilterCapSeal],
    ];
    private const TROUGH = [SheetField::FilterSpillHoseBore, SheetField::FilterSpillSeal, SheetField::FilterSpillClosing];
    private const FUEL = [SheetField::FuelFilterKind, SheetField::FuelPart, SheetField::FuelLocation];
    private const FUEL_KIND = [
        'inline' => [SheetField::FuelFlowArrow, SheetField::FuelClamps],
        'bowl' => [SheetField::FuelSeal, SheetField::FuelTightening],
        'cartridge' => [SheetField::FuelConnectors, SheetField::FuelWaterSensor, SheetField::FuelTightening],
    ];
    private const GEARCASE = [
        SheetField::GearcaseLubricant, SheetField::GearcaseVolume, SheetField::GearcaseDrainLocation, SheetField::GearcaseVentLocation,
        SheetField::GearcaseBehindPropeller, SheetField::GearcaseSeals, SheetField::GearcaseDrainTightening,
        SheetField::GearcaseVentTightening, SheetField::GearcaseDrainAttitude, SheetField::GearcaseFillAttitude,
    ];
    private const PROPELLER = [SheetField::PropellerStack, SheetField::PropellerLock, SheetField::PropellerGrease];
    private const NUT = [SheetField::PropellerSocket, SheetField::PropellerTightening];
    /** Tasks that need the same on every engine. */
    private const PLAIN = [
        'spark_plugs' => [SheetField::SparkPlug, SheetField::IgnitionGap, SheetField::IgnitionSocket, SheetField::IgnitionTightening],
        'water_pump' => [
            SheetField::PumpKit, SheetField::PumpFasteners, SheetField::PumpTightening, SheetField::PumpTurnDriveshaft, SheetField::PumpStack,
            SheetField::LowerUnitFasteners, SheetField::LowerUnitTightening, SheetField::LowerUnitRefitGear, SheetField::LowerUnitMass,
        ],
        'external_anodes' => [SheetField::Anodes],
        'internal_anodes' => [SheetField::Anodes, SheetField::AnodesCoverTightening],
        'thermostats' => [
            SheetField::CoolingThermostat, SheetField::CoolingSealKind, SheetField::CoolingSeal, SheetField::CoolingFasteners,
            SheetField::CoolingTightening,
        ],
        'accessory_belt' => [SheetField::BeltsAccessory, SheetField::BeltsTools],
        'timing_belt_check' => [SheetField::BeltsTiming],
        'valve_clearance' => [
            SheetField::ValvesIntake, SheetField::ValvesExhaust, SheetField::ValvesCoverFasteners, SheetField::ValvesCoverGasket,
            SheetField::ValvesCoverTightening,
        ],
        'lubrication' => [SheetField::LubricationPoints],
        'inspection' => [SheetField::InspectionPoints],
    ];

    /** @return list<SheetField> */
    public static function of(Task $task, SpecSheet $sheet): array
    {
        return match ($task) {
            Task::EngineOil => [
                ...self::OIL,
                ...('level_plug' === $sheet->built(SheetField::CheckedBy) ? [] : self::MARKS),
                ...self::DRAIN[$sheet->text(SheetField::DrainKind)] ?? [],
                ...(null === $sheet->value(SheetField::DrainSecondLocation) ? [] : self::SECOND_DRAIN),
                ...(null === $sheet->value(SheetField::DrainAgainAttitude) ? [] : [SheetField::DrainAgainTime]),
            ],
            Task::OilFilter => [
                ...self::FILTER,
                ...self::FILTER_KIND[$sheet->built(SheetField::FilterKind)] ?? [],
                ...('hexagon' === $sheet->text(SheetField::FilterCapTool) ? [SheetField::FilterWrench] : []),
                ...('trough' === $sheet->text(SheetField::FilterSpill) ? self::TROUGH : []),
            ],
            Task::FuelFilter => [...self::FUEL, ...self::FUEL_KIND[$sheet->text(SheetField::FuelFilterKind)] ?? []],
            Task::GearLubricant => [
                ...self::GEARCASE,
                ...(true === $sheet->flag(SheetField::GearcaseBehindPropeller) ? self::propeller($sheet) : []),
            ],
            Task::PropellerShaft => self::propeller($sheet),
            Task::TimingBelt => [SheetField::BeltsTiming, ...('belt' === $sheet->text(SheetField::BeltsTiming) ? [SheetField::BeltsTimingPart] : [])],
            default => self::PLAIN[$task->value],
        };
    }

    /** @return list<SheetField> what a task needs on one way of building an engine or another */
    public static function ever(Task $task): array
    {
        $fields = match ($task) {
            Task::EngineOil => [...self::OIL, ...self::MARKS, ...self::SECOND_DRAIN, SheetField::DrainAgainTime, ...array_merge(...array_values(self::DRAIN))],
            Task::OilFilter => [...self::FILTER, ...self::TROUGH, ...array_merge(...array_values(self::FILTER_KIND))],
            Task::FuelFilter => [...self::FUEL, ...array_merge(...array_values(self::FUEL_KIND))],
            Task::GearLubricant => [...self::GEARCASE, ...self::PROPELLER, ...self::NUT, SheetField::PropellerLockPart],
            Task::PropellerShaft => [...self::PROPELLER, ...self::NUT, SheetField::PropellerLockPart],
            Task::TimingBelt => [SheetField::BeltsTiming, SheetField::BeltsTimingPart],
            default => self::PLAIN[$task->value],
        };

        return array_values(array_unique($fields, \SORT_REGULAR));
    }

    /**
     * Values that scheduled tasks need and that the sheet can't answer.
     *
     * @return array<string, non-empty-list<Task>> the blocked tasks by path
     */
    public static function missing(SpecSheet $sheet): array
    {
        /** @var array<string, non-empty-list<Task>> $missing */
        $missing = [];
        foreach ($sheet->tasks() as $task) {
            foreach (self::of($task, $sheet) as $field) {
                if (null === $sheet->value($field)) {
                    $missing[$field->value][] = $task;
                }
            }
        }

        return $missing;
    }

    /** @return list<SheetField> */
    private static function propeller(SpecSheet $sheet): array
    {
        $lock = $sheet->text(SheetField::PropellerLock);

        return [
            ...self::PROPELLER,
            ...('shear_pin' === $lock ? [] : self::NUT),
            ...('lock_nut' === $lock ? [] : [SheetField::PropellerLockPart]),
        ];
    }
}
