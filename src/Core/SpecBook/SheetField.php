<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\SpecBook\Field\FieldSpec;
use FreshTack\Core\SpecBook\Field\FieldTable;

/**
 * Every value that a sheet can hold, and what a boat adds beside it, under the path by which procedures, holes and
 * sources name it.
 */
enum SheetField: string
{
    case Family = 'identity.family';
    case Power = 'identity.power';
    case Cylinders = 'identity.cylinders';
    case Steering = 'identity.steering';
    case Tilt = 'identity.tilt';
    case ShaftLength = 'identity.shaftLength';
    case Rotation = 'identity.rotation';
    case Battery = 'identity.battery';
    case CapacityDry = 'engineOil.capacityDry';
    case CapacityWithFilter = 'engineOil.capacityWithFilter';
    case CapacityWithoutFilter = 'engineOil.capacityWithoutFilter';
    case LeftByExtraction = 'engineOil.leftByExtraction';
    case Grades = 'engineOil.grades';
    case PerformanceClass = 'engineOil.performanceClass';
    case FillCap = 'engineOil.fillCap';
    case CheckedBy = 'engineOil.checkedBy';
    case DipstickLocation = 'engineOil.dipstickLocation';
    case DipstickMarks = 'engineOil.dipstickMarks';
    case DipstickSpan = 'engineOil.dipstickSpan';
    case DipstickBand = 'engineOil.dipstickBand';
    case ReadingAttitude = 'engineOil.readingAttitude';
    case ReadingDwell = 'engineOil.readingDwell';
    case RestAfterRun = 'engineOil.restAfterRun';
    case RestAfterPour = 'engineOil.restAfterPour';
    case RunBeforeReading = 'engineOil.runBeforeReading';
    case LargestTopUp = 'engineOil.largestTopUp';
    case DrainKind = 'drain.kind';
    case DrainAllowed = 'drain.allowed';
    case DrainLocation = 'drain.location';
    case DrainAttitudeBefore = 'drain.attitudeBefore';
    case DrainDwellBefore = 'drain.dwellBefore';
    case DrainAttitude = 'drain.attitude';
    case DrainFillCapOpen = 'drain.fillCapOpen';
    case DrainTime = 'drain.time';
    case DrainWrench = 'drain.wrench';
    case DrainSeal = 'drain.seal';
    case DrainClosing = 'drain.closing';
    case DrainOpeningLimit = 'drain.openingLimit';
    case DrainHoseBore = 'drain.hoseBore';
    case DrainHoseLength = 'drain.hoseLength';
    case DrainSecondLocation = 'drain.secondLocation';
    case DrainSecondWrench = 'drain.secondWrench';
    case DrainSecondSeal = 'drain.secondSeal';
    case DrainSecondClosing = 'drain.secondClosing';
    case DrainAgainAttitude = 'drain.againAttitude';
    case DrainAgainTime = 'drain.againTime';
    case DrainPanel = 'drain.panel';
    case DrainPanelFasteners = 'drain.panelFasteners';
    case FilterFitted = 'oilFilter.fitted';
    case FilterKind = 'oilFilter.kind';
    case FilterPart = 'oilFilter.part';
    case FilterWrench = 'oilFilter.wrench';
    case FilterLocation = 'oilFilter.location';
    case FilterAccess = 'oilFilter.access';
    case FilterInTheWay = 'oilFilter.inTheWay';
    case FilterPutBack = 'oilFilter.putBack';
    case FilterNotPrimed = 'oilFilter.notPrimed';
    case FilterAttitude = 'oilFilter.attitude';
    case FilterCapTool = 'oilFilter.capTool';
    case FilterCapSeal = 'oilFilter.capSeal';
    case FilterSpill = 'oilFilter.spill';
    case FilterSpillHoseBore = 'oilFilter.spillHoseBore';
    case FilterSpillSeal = 'oilFilter.spillSeal';
    case FilterSpillClosing = 'oilFilter.spillClosing';
    case FilterGasketLubricant = 'oilFilter.gasketLubricant';
    case FilterGasketRefused = 'oilFilter.gasketRefused';
    case FilterTightening = 'oilFilter.tightening';
    case SparkPlug = 'ignition.plug';
    case IgnitionGap = 'ignition.gap';
    case IgnitionSocket = 'ignition.socket';
    case IgnitionTightening = 'ignition.tightening';
    case IgnitionCover = 'ignition.cover';
    case IgnitionCoverFasteners = 'ignition.coverFasteners';
    case IgnitionLeads = 'ignition.leads';
    case FuelFilterKind = 'fuel.filterKind';
    case FuelPart = 'fuel.part';
    case FuelLocation = 'fuel.location';
    case FuelFlowArrow = 'fuel.flowArrow';
    case FuelClamps = 'fuel.clamps';
    case FuelSeal = 'fuel.seal';
    case FuelConnectors = 'fuel.connectors';
    case FuelWaterSensor = 'fuel.waterSensor';
    case FuelTightening = 'fuel.tightening';
    case FuelOffOrder = 'fuel.offOrder';
    case FuelOnOrder = 'fuel.onOrder';
    case FuelMovesAsideFor = 'fuel.movesAsideFor';
    case FuelTank = 'fuel.tank';
    case GearcaseLubricant = 'gearcase.lubricant';
    case GearcaseVolume = 'gearcase.volume';
    case GearcaseDrainLocation = 'gearcase.drainLocation';
    case GearcaseVentLocation = 'gearcase.ventLocation';
    case GearcaseBehindPropeller = 'gearcase.behindPropeller';
    case GearcaseScrew = 'gearcase.screw';
    case GearcaseSeals = 'gearcase.seals';
    case GearcaseDrainTightening = 'gearcase.drainTightening';
    case GearcaseVentTightening = 'gearcase.ventTightening';
    case GearcaseDrainAttitude = 'gearcase.drainAttitude';
    case GearcaseFillAttitude = 'gearcase.fillAttitude';
    case GearcaseDrainTime = 'gearcase.drainTime';
    case PropellerStack = 'propeller.stack';
    case PropellerLock = 'propeller.lock';
    case PropellerLockPart = 'propeller.lockPart';
    case PropellerSocket = 'propeller.socket';
    case PropellerTightening = 'propeller.tightening';
    case PropellerGrease = 'propeller.grease';
    case PropellerPlay = 'propeller.play';
    case LowerUnitFasteners = 'lowerUnit.fasteners';
    case LowerUnitDisconnectFirst = 'lowerUnit.disconnectFirst';
    case LowerUnitRefitGear = 'lowerUnit.refitGear';
    case LowerUnitMass = 'lowerUnit.mass';
    case LowerUnitTightening = 'lowerUnit.tightening';
    case PumpKit = 'pump.kit';
    case PumpKitHolds = 'pump.kitHolds';
    case PumpImpeller = 'pump.impeller';
    case PumpFasteners = 'pump.fasteners';
    case PumpTightening = 'pump.tightening';
    case PumpTurnDriveshaft = 'pump.turnDriveshaft';
    case PumpStack = 'pump.stack';
    case PumpGreased = 'pump.greased';
    case PumpKeptDry = 'pump.keptDry';
    case PumpImpellerLimit = 'pump.impellerLimit';
    case Anodes = 'anodes.list';
    case AnodesCoverTightening = 'anodes.coverTightening';
    case Cooling = 'cooling.by';
    case CoolingThermostat = 'cooling.thermostat';
    case CoolingSealKind = 'cooling.sealKind';
    case CoolingSeal = 'cooling.seal';
    case CoolingFasteners = 'cooling.fasteners';
    case CoolingTightening = 'cooling.tightening';
    case CoolingClamp = 'cooling.clamp';
    case BeltsAccessory = 'belts.accessory';
    case BeltsTools = 'belts.tools';
    case BeltsMoves = 'belts.moves';
    case BeltsTensionerTightening = 'belts.tensionerTightening';
    case BeltsAlternatorTightening = 'belts.alternatorTightening';
    case BeltsDeflection = 'belts.deflection';
    case BeltsTiming = 'belts.timing';
    case BeltsTimingPart = 'belts.timingPart';
    case ValvesIntake = 'valves.intake';
    case ValvesExhaust = 'valves.exhaust';
    case ValvesCoverFasteners = 'valves.coverFasteners';
    case ValvesCoverGasket = 'valves.coverGasket';
    case ValvesCoverTightening = 'valves.coverTightening';
    case LubricationPoints = 'points.lubrication';
    case InspectionPoints = 'points.inspection';
    case Panels = 'covers.panels';
    case CoversTightening = 'covers.tightening';
    case SpecialTools = 'tools.special';
    case Kits = 'kits.offered';
    case OperationTimes = 'times.operations';
    case BoatSeparatorElement = 'boat.separatorElement';
    case BoatSeparatorEvery = 'boat.separatorEvery';
    case ScheduleEngineOil = 'schedule.engineOil';
    case ScheduleOilFilter = 'schedule.oilFilter';
    case ScheduleSparkPlugs = 'schedule.sparkPlugs';
    case ScheduleFuelFilter = 'schedule.fuelFilter';
    case ScheduleGearLubricant = 'schedule.gearLubricant';
    case SchedulePropellerShaft = 'schedule.propellerShaft';
    case ScheduleWaterPump = 'schedule.waterPump';
    case ScheduleExternalAnodes = 'schedule.externalAnodes';
    case ScheduleInternalAnodes = 'schedule.internalAnodes';
    case ScheduleThermostats = 'schedule.thermostats';
    case ScheduleAccessoryBelt = 'schedule.accessoryBelt';
    case ScheduleTimingBelt = 'schedule.timingBelt';
    case ScheduleTimingBeltCheck = 'schedule.timingBeltCheck';
    case ScheduleValveClearance = 'schedule.valveClearance';
    case ScheduleLubrication = 'schedule.lubrication';
    case ScheduleInspection = 'schedule.inspection';

    public function spec(): FieldSpec
    {
        return FieldTable::of($this);
    }

    public function kind(): ValueKind
    {
        return $this->spec()->kind;
    }

    /** @return list<string> the answers that a choice allows */
    public function options(): array
    {
        return $this->spec()->options;
    }

    public function label(): string
    {
        return $this->spec()->label;
    }

    /** Whether it says with what something is lubricated; points have their own column for that. */
    public function namesLubricant(): bool
    {
        return \in_array($this, [self::GearcaseLubricant, self::PropellerGrease, self::PumpGreased], true);
    }

    /** Whether it stands at the boat and on no sheet. */
    public function isOfBoat(): bool
    {
        return SheetGroup::Boat === $this->group();
    }

    public function group(): SheetGroup
    {
        return SheetGroup::ofPath($this->value);
    }
}
