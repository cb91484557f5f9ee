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

    /** @return list<SheetField> */
    public static function of(Task $task, SpecSheet $sheet): array
    {
        return match ($task) {
            Task::EngineOil => [
                ...self::OIL,
                ...('level_plug' === $sheet->built(SheetField::CheckedBy) ? [] : self::MARKS),
                ...self::drain($sheet),
                ...self::secondDrain($sheet),
            ],
            Task::OilFilter => self::filter($sheet),
            Task::SparkPlugs => [SheetField::SparkPlug, SheetField::IgnitionGap, SheetField::IgnitionSocket, SheetField::IgnitionTightening],
            Task::FuelFilter => [SheetField::FuelFilterKind, SheetField::FuelPart, SheetField::FuelLocation, ...self::fuel($sheet)],
            Task::GearLubricant => [SheetField::GearcaseLubricant, SheetField::GearcaseVolume, SheetField::GearcaseDrainLocation, SheetField::GearcaseVentLocation, SheetField::GearcaseBehindPropeller, SheetField::GearcaseSeals, SheetField::GearcaseDrainTightening, SheetField::GearcaseVentTightening, SheetField::GearcaseDrainAttitude, SheetField::GearcaseFillAttitude, ...(true === $sheet->flag(SheetField::GearcaseBehindPropeller) ? self::propeller($sheet) : [])],
            Task::PropellerShaft => self::propeller($sheet),
            Task::WaterPump => [SheetField::PumpKit, SheetField::PumpFasteners, SheetField::PumpTightening, SheetField::PumpTurnDriveshaft, SheetField::PumpStack, SheetField::LowerUnitFasteners, SheetField::LowerUnitTightening, SheetField::LowerUnitRefitGear, SheetField::LowerUnitMass],
            Task::ExternalAnodes, Task::InternalAnodes => [SheetField::Anodes],
            Task::Thermostats => [SheetField::CoolingThermostat, SheetField::CoolingSealKind, SheetField::CoolingSeal, SheetField::CoolingFasteners, SheetField::CoolingTightening],
            Task::AccessoryBelt => [SheetField::BeltsAccessory, SheetField::BeltsTools],
            Task::TimingBelt => [SheetField::BeltsTiming, ...('belt' === $sheet->text(SheetField::BeltsTiming) ? [SheetField::BeltsTimingPart] : [])],
            Task::TimingBeltCheck => [SheetField::BeltsTiming],
            Task::ValveClearance => [SheetField::ValvesIntake, SheetField::ValvesExhaust],
            Task::Lubrication => [SheetField::LubricationPoints],
            Task::Inspection => [SheetField::InspectionPoints],
        };
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
    private static function drain(SpecSheet $sheet): array
    {
        return match ($sheet->text(SheetField::DrainKind)) {
            'plug' => [SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainWrench, SheetField::DrainSeal, SheetField::DrainClosing],
            'valve' => [SheetField::DrainLocation, SheetField::DrainAttitude, SheetField::DrainWrench, SheetField::DrainOpeningLimit, SheetField::DrainClosing, SheetField::DrainHoseBore],
            'extraction' => [SheetField::LeftByExtraction],
            default => [],
        };
    }

    /** @return list<SheetField> */
    private static function secondDrain(SpecSheet $sheet): array
    {
        return [
            ...(null === $sheet->value(SheetField::DrainSecondLocation)
                ? []
                : [SheetField::DrainSecondWrench, SheetField::DrainSecondSeal, SheetField::DrainSecondClosing]),
            ...(null === $sheet->value(SheetField::DrainAgainAttitude) ? [] : [SheetField::DrainAgainTime]),
        ];
    }

    /** @return list<SheetField> */
    private static function filter(SpecSheet $sheet): array
    {
        $trough = 'trough' === $sheet->text(SheetField::FilterSpill) ? [SheetField::FilterSpillHoseBore, SheetField::FilterSpillSeal, SheetField::FilterSpillClosing] : [];
        $build = 'element' === $sheet->built(SheetField::FilterKind)
            ? [SheetField::FilterCapTool, SheetField::FilterCapSeal, ...('hexagon' === $sheet->text(SheetField::FilterCapTool) ? [SheetField::FilterWrench] : [])]
            : [SheetField::FilterWrench, SheetField::FilterGasketLubricant];

        return [
            SheetField::FilterPart,
            SheetField::FilterLocation,
            SheetField::FilterSpill,
            SheetField::FilterTightening,
            SheetField::CapacityWithFilter,
            ...$build,
            ...$trough,
        ];
    }

    /** @return list<SheetField> */
    private static function fuel(SpecSheet $sheet): array
    {
        return match ($sheet->text(SheetField::FuelFilterKind)) {
            'inline' => [SheetField::FuelFlowArrow, SheetField::FuelClamps],
            'bowl' => [SheetField::FuelSeal, SheetField::FuelTightening],
            'cartridge' => [SheetField::FuelConnectors, SheetField::FuelWaterSensor, SheetField::FuelTightening],
            default => [],
        };
    }

    /** @return list<SheetField> */
    private static function propeller(SpecSheet $sheet): array
    {
        $lock = $sheet->text(SheetField::PropellerLock);

        return [
            SheetField::PropellerStack,
            SheetField::PropellerLock,
            SheetField::PropellerGrease,
            ...('shear_pin' === $lock ? [] : [SheetField::PropellerSocket, SheetField::PropellerTightening]),
            ...('lock_nut' === $lock ? [] : [SheetField::PropellerLockPart]),
        ];
    }
}
