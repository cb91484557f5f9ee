<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Every value that a sheet can hold, under the path by which procedures, holes and sources name it. */
enum SheetField: string
{
    case CapacityWithFilter = 'engineOil.capacityWithFilter';
    case CapacityWithoutFilter = 'engineOil.capacityWithoutFilter';
    case LeftByExtraction = 'engineOil.leftByExtraction';
    case Grades = 'engineOil.grades';
    case PerformanceClass = 'engineOil.performanceClass';
    case FillCap = 'engineOil.fillCap';
    case DipstickLocation = 'engineOil.dipstickLocation';
    case DipstickMarks = 'engineOil.dipstickMarks';
    case DipstickSpan = 'engineOil.dipstickSpan';
    case DipstickBand = 'engineOil.dipstickBand';
    case ReadingAttitude = 'engineOil.readingAttitude';
    case RestAfterRun = 'engineOil.restAfterRun';
    case RestAfterPour = 'engineOil.restAfterPour';
    case RunBeforeReading = 'engineOil.runBeforeReading';
    case LargestTopUp = 'engineOil.largestTopUp';
    case DrainKind = 'drain.kind';
    case DrainLocation = 'drain.location';
    case DrainAttitude = 'drain.attitude';
    case DrainTime = 'drain.time';
    case DrainWrench = 'drain.wrench';
    case DrainSeal = 'drain.seal';
    case DrainClosing = 'drain.closing';
    case DrainOpeningLimit = 'drain.openingLimit';
    case DrainHoseBore = 'drain.hoseBore';
    case DrainPanel = 'drain.panel';
    case DrainPanelFasteners = 'drain.panelFasteners';
    case DrainExtractionAllowed = 'drain.extractionAllowed';
    case FilterFitted = 'oilFilter.fitted';
    case FilterPart = 'oilFilter.part';
    case FilterWrench = 'oilFilter.wrench';
    case FilterLocation = 'oilFilter.location';
    case FilterSpill = 'oilFilter.spill';
    case FilterSpillHoseBore = 'oilFilter.spillHoseBore';
    case FilterSpillSeal = 'oilFilter.spillSeal';
    case FilterSpillClosing = 'oilFilter.spillClosing';
    case FilterGasketLubricant = 'oilFilter.gasketLubricant';
    case FilterTightening = 'oilFilter.tightening';
    case ScheduleEngineOil = 'schedule.engineOil';
    case ScheduleOilFilter = 'schedule.oilFilter';

    public function kind(): ValueKind
    {
        return match ($this) {
            self::CapacityWithFilter, self::CapacityWithoutFilter, self::LeftByExtraction, self::DipstickSpan, self::LargestTopUp => ValueKind::Volume,
            self::DrainWrench, self::DrainHoseBore, self::FilterWrench, self::FilterSpillHoseBore => ValueKind::Length,
            self::RestAfterRun, self::RestAfterPour, self::RunBeforeReading, self::DrainTime => ValueKind::Minutes,
            self::DrainOpeningLimit => ValueKind::Turns,
            self::Grades => ValueKind::Grades,
            self::DipstickBand => ValueKind::Band,
            self::DrainSeal, self::FilterPart, self::FilterSpillSeal => ValueKind::Part,
            self::DrainClosing, self::FilterTightening, self::FilterSpillClosing => ValueKind::Tightening,
            self::DrainKind, self::ReadingAttitude, self::DrainAttitude, self::FilterSpill => ValueKind::Choice,
            self::DrainExtractionAllowed, self::FilterFitted => ValueKind::Flag,
            self::ScheduleEngineOil, self::ScheduleOilFilter => ValueKind::Interval,
            default => ValueKind::Text,
        };
    }

    /** @return list<string> the answers that a choice allows */
    public function options(): array
    {
        return match ($this) {
            self::DrainKind => ['plug', 'valve', 'extraction'],
            self::ReadingAttitude, self::DrainAttitude => ['vertical', 'tilted_up', 'trimmed_in'],
            self::FilterSpill => ['trough', 'tray', 'shield', 'rags'],
            default => [],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::CapacityWithFilter => 'oil capacity with filter',
            self::CapacityWithoutFilter => 'oil capacity without filter',
            self::LeftByExtraction => 'oil that extraction leaves behind',
            self::Grades => 'oil grades by air temperature',
            self::PerformanceClass => 'oil performance class',
            self::FillCap => 'place of the fill cap',
            self::DipstickLocation => 'place of the dipstick',
            self::DipstickMarks => 'look of the dipstick\'s marks',
            self::DipstickSpan => 'volume between the dipstick\'s marks',
            self::DipstickBand => 'target band on the dipstick',
            self::ReadingAttitude => 'attitude for reading the level',
            self::RestAfterRun => 'rest after a run before a reading counts',
            self::RestAfterPour => 'rest after a pour before a reading counts',
            self::RunBeforeReading => 'run before the level is read',
            self::LargestTopUp => 'largest single top-up',
            self::DrainKind => 'kind of drain',
            self::DrainLocation => 'place of the drain',
            self::DrainAttitude => 'attitude for draining',
            self::DrainTime => 'time to drain',
            self::DrainWrench => 'wrench for the drain',
            self::DrainSeal => 'drain seal',
            self::DrainClosing => 'drain closing figure',
            self::DrainOpeningLimit => 'drain valve opening limit',
            self::DrainHoseBore => 'drain hose bore',
            self::DrainPanel => 'side panel over the drain',
            self::DrainPanelFasteners => 'side panel fasteners',
            self::DrainExtractionAllowed => 'extraction allowed',
            self::FilterFitted => 'oil filter fitted',
            self::FilterPart => 'oil filter part number',
            self::FilterWrench => 'filter wrench diameter',
            self::FilterLocation => 'place of the oil filter',
            self::FilterSpill => 'how filter spill is caught',
            self::FilterSpillHoseBore => 'spill trough hose bore',
            self::FilterSpillSeal => 'spill trough plug seal',
            self::FilterSpillClosing => 'spill trough plug closing figure',
            self::FilterGasketLubricant => 'filter gasket lubricant',
            self::FilterTightening => 'oil filter tightening',
            self::ScheduleEngineOil => 'engine oil schedule',
            self::ScheduleOilFilter => 'oil filter schedule',
        };
    }
}
