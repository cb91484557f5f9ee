<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Schedule\Action;

/**
 * The values without which a task can't be ordered, by the way in which the engine is built. What a sheet does not
 * say of its own building (no kind of drain, say) is itself a need.
 */
final readonly class TaskNeeds
{
    private const OIL = [
        SheetField::CapacityWithoutFilter, SheetField::Grades, SheetField::PerformanceClass, SheetField::FillCap,
        SheetField::DipstickLocation, SheetField::ReadingAttitude, SheetField::RestAfterRun, SheetField::RestAfterPour,
        SheetField::RunBeforeReading, SheetField::DrainKind,
    ];
    /** Of a level that is read between two marks; at a plug the oil stands or it does not. */
    private const MARKS = [SheetField::DipstickSpan, SheetField::DipstickBand, SheetField::LargestTopUp];
    private const DRAIN = [
        'plug' => [
            SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainTime, SheetField::DrainWrench, SheetField::DrainSeal,
            SheetField::DrainClosing,
        ],
        'valve' => [
            SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainTime, SheetField::DrainWrench,
            SheetField::DrainOpeningLimit, SheetField::DrainClosing, SheetField::DrainHoseBore,
        ],
        'extraction' => [SheetField::LeftByExtraction],
    ];
    private const SECOND_DRAIN = [SheetField::DrainSecondWrench, SheetField::DrainSecondSeal, SheetField::DrainSecondClosing];
    private const FILTER = [
        SheetField::FilterPart, SheetField::FilterLocation, SheetField::FilterSpill, SheetField::FilterTightening,
        SheetField::CapacityWithFilter,
    ];
    private const FILTER_KIND = [
        'spin_on' => [SheetField::FilterWrench],
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
        SheetField::GearcaseLubricant, SheetField::GearcaseVolume, SheetField::GearcaseVentLocation, SheetField::GearcaseDrainTime,
        SheetField::GearcaseBehindPropeller, SheetField::GearcaseSeals, SheetField::GearcaseDrainTightening,
        SheetField::GearcaseVentTightening, SheetField::GearcaseDrainAttitude, SheetField::GearcaseFillAttitude,
    ];
    private const PROPELLER = [SheetField::PropellerStack, SheetField::PropellerLock, SheetField::PropellerGrease];
    private const NUT = [SheetField::PropellerSocket, SheetField::PropellerTightening];
    private const PLUGS = [SheetField::IgnitionSocket, SheetField::IgnitionTightening];
    private const VALVES = [
        SheetField::ValvesIntake, SheetField::ValvesExhaust, SheetField::ValvesCoverFasteners, SheetField::ValvesCoverGasket,
        SheetField::ValvesCoverTightening,
    ];
    /** Tasks that need the same on every engine. */
    private const PLAIN = [
        'water_pump' => [
            SheetField::PumpKit, SheetField::PumpFasteners, SheetField::PumpTightening, SheetField::PumpTurnDriveshaft,
            SheetField::PumpStack, SheetField::LowerUnitFasteners, SheetField::LowerUnitTightening, SheetField::LowerUnitRefitGear,
            SheetField::LowerUnitMass,
        ],
        'external_anodes' => [SheetField::Anodes],
        'internal_anodes' => [SheetField::Anodes, SheetField::AnodesCoverTightening],
        'thermostats' => [
            SheetField::CoolingThermostat, SheetField::CoolingSealKind, SheetField::CoolingSeal, SheetField::CoolingFasteners,
            SheetField::CoolingTightening,
        ],
        'timing_belt_check' => [SheetField::BeltsTiming],
        'lubrication' => [SheetField::LubricationPoints],
        'inspection' => [SheetField::InspectionPoints],
    ];

    /** @return list<SheetField> each once */
    public static function of(Task $task, SpecSheet $sheet): array
    {
        return Task::FuelSeparator === $task ? [SheetField::BoatSeparatorElement] : self::once([SheetField::Tilt, ...match ($task) {
            Task::EngineOil => self::engineOil($sheet),
            Task::OilFilter => [...self::engineOil($sheet), ...self::oilFilter($sheet)],
            Task::FuelFilter => [...self::FUEL, ...self::FUEL_KIND[$sheet->text(SheetField::FuelFilterKind)] ?? []],
            Task::SparkPlugs => [SheetField::SparkPlug, SheetField::IgnitionGap, ...self::plugs($sheet)],
            Task::GearLubricant => [
                ...self::GEARCASE,
                ...(true === $sheet->flag(SheetField::GearcaseBehindPropeller)
                    ? self::propeller($sheet)
                    : [SheetField::GearcaseDrainLocation]),
            ],
            Task::PropellerShaft => self::propeller($sheet),
            Task::AccessoryBelt => [
                SheetField::BeltsAccessory,
                ...(Action::Renew === $sheet->interval($task)?->action ? [SheetField::BeltsTools] : []),
            ],
            Task::TimingBelt => [
                SheetField::BeltsTiming,
                ...('belt' === $sheet->text(SheetField::BeltsTiming) && Action::Renew === $sheet->interval($task)?->action
                    ? [SheetField::BeltsTimingPart, ...self::plugs($sheet)]
                    : []),
            ],
            Task::ValveClearance => [...self::VALVES, ...self::plugs($sheet)],
            default => self::PLAIN[$task->value],
        }]);
    }

    /** @return list<SheetField> what a task needs on one way of building an engine or another */
    public static function ever(Task $task): array
    {
        $plugs = [...self::PLUGS, SheetField::IgnitionCoverFasteners];
        $propeller = [...self::PROPELLER, ...self::NUT, SheetField::PropellerLockPart];
        $oil = [
            ...self::OIL, ...self::MARKS, SheetField::DipstickMarks, SheetField::DrainPanelFasteners, ...self::SECOND_DRAIN,
            SheetField::DrainAgainTime, ...array_merge(...array_values(self::DRAIN)),
        ];

        return Task::FuelSeparator === $task ? [SheetField::BoatSeparatorElement] : self::once([SheetField::Tilt, ...match ($task) {
            Task::EngineOil => $oil,
            Task::OilFilter => [
                ...$oil, ...self::FILTER, ...self::TROUGH, SheetField::FilterPutBack,
                ...array_merge(...array_values(self::FILTER_KIND)),
            ],
            Task::FuelFilter => [...self::FUEL, ...array_merge(...array_values(self::FUEL_KIND))],
            Task::SparkPlugs => [SheetField::SparkPlug, SheetField::IgnitionGap, ...$plugs],
            Task::GearLubricant => [...self::GEARCASE, SheetField::GearcaseDrainLocation, ...$propeller],
            Task::PropellerShaft => $propeller,
            Task::AccessoryBelt => [SheetField::BeltsAccessory, SheetField::BeltsTools],
            Task::TimingBelt => [SheetField::BeltsTiming, SheetField::BeltsTimingPart, ...$plugs],
            Task::ValveClearance => [...self::VALVES, ...$plugs],
            default => self::PLAIN[$task->value],
        }]);
    }

    /**
     * @param list<SheetField> $fields
     *
     * @return list<SheetField>
     */
    private static function once(array $fields): array
    {
        return array_values(array_unique($fields, \SORT_REGULAR));
    }

    /** @return list<SheetField> */
    private static function engineOil(SpecSheet $sheet): array
    {
        $kind = $sheet->text(SheetField::DrainKind);
        $seen = $sheet->built(SheetField::CheckedBy);
        $drains = \in_array($kind, ['plug', 'valve'], true);

        return [
            ...self::OIL,
            ...('level_plug' === $seen ? [] : self::MARKS),
            ...('dipstick' === $seen ? [SheetField::DipstickMarks] : []),
            ...self::DRAIN[$kind] ?? [],
            ...('plug' === $kind && null !== $sheet->value(SheetField::DrainPanel) ? [SheetField::DrainPanelFasteners] : []),
            ...($drains && null !== $sheet->value(SheetField::DrainSecondLocation) ? self::SECOND_DRAIN : []),
            ...($drains && null !== $sheet->value(SheetField::DrainAgainAttitude) ? [SheetField::DrainAgainTime] : []),
        ];
    }

    /** @return list<SheetField> */
    private static function oilFilter(SpecSheet $sheet): array
    {
        return [
            ...self::FILTER,
            ...self::FILTER_KIND[$sheet->built(SheetField::FilterKind)] ?? [],
            ...('hexagon' === $sheet->text(SheetField::FilterCapTool) ? [SheetField::FilterWrench] : []),
            ...('trough' === $sheet->text(SheetField::FilterSpill) ? self::TROUGH : []),
            ...(null === $sheet->value(SheetField::FilterInTheWay) ? [] : [SheetField::FilterPutBack]),
        ];
    }

    /** @return list<SheetField> of whoever takes the plugs out */
    private static function plugs(SpecSheet $sheet): array
    {
        return [...self::PLUGS, ...(null === $sheet->value(SheetField::IgnitionCover) ? [] : [SheetField::IgnitionCoverFasteners])];
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
