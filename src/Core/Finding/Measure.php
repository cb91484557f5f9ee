<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use FreshTack\Core\SpecBook\SheetField;

/** What there is to be measured or seen at a step, beside that it was done, and the value of the sheet that judges it. */
enum Measure: string
{
    case FilterSeen = 'filter_seen';
    case PlugLook = 'plug_look';
    /** As it came out, before it goes or is set. */
    case PlugGapFound = 'plug_gap_found';
    case PlugGap = 'plug_gap';
    case FuelWater = 'fuel_water';
    case GearFirst = 'gear_first';
    case GearMagnet = 'gear_magnet';
    case GearPoured = 'gear_poured';
    case ShaftSeal = 'shaft_seal';
    case ShaftPlay = 'shaft_play';
    case Impeller = 'impeller';
    case AnodeLeft = 'anode_left';
    case Thermostat = 'thermostat';
    case Belt = 'belt';
    case BeltDeflection = 'belt_deflection';
    case TimingBelt = 'timing_belt';
    case IntakeClearance = 'intake_clearance';
    case ExhaustClearance = 'exhaust_clearance';
    case LubricationPoint = 'lubrication_point';
    case InspectionPoint = 'inspection_point';
    case WarningLight = 'warning_light';
    case Noise = 'noise';
    case Shift = 'shift';
    case FullThrottle = 'full_throttle';
    case LevelAfterTrial = 'level_after_trial';

    public function label(): string
    {
        return match ($this) {
            self::FilterSeen => 'between the folds of the old oil filter',
            self::PlugLook => 'each plug as it came out',
            self::PlugGapFound => 'gap of each plug as it came out',
            self::PlugGap => 'gap of each plug',
            self::FuelWater => 'water in the fuel',
            self::GearFirst => 'what came first out of the gearcase',
            self::GearMagnet => 'what was on the magnet',
            self::GearPoured => 'gear lubricant that went in',
            self::ShaftSeal => 'the propeller shaft\'s seal',
            self::ShaftPlay => 'play of the propeller shaft',
            self::Impeller => 'the impeller\'s vanes',
            self::AnodeLeft => 'what is left of each anode',
            self::Thermostat => 'the thermostats in hot water',
            self::Belt => 'the accessory belt',
            self::BeltDeflection => 'deflection of the accessory belt',
            self::TimingBelt => 'the timing belt',
            self::IntakeClearance => 'clearance of each intake valve',
            self::ExhaustClearance => 'clearance of each exhaust valve',
            self::LubricationPoint => 'each lubrication point',
            self::InspectionPoint => 'each inspection point',
            self::WarningLight => 'the warning lights',
            self::Noise => 'noise in the run',
            self::Shift => 'the shift in each gear',
            self::FullThrottle => 'revolutions at full throttle',
            self::LevelAfterTrial => 'level after the sea trial',
        };
    }

    /** The value by which it is judged, of a table by its rows; null: by the words of the trade alone. */
    public function limit(): ?SheetField
    {
        return match ($this) {
            self::PlugGapFound, self::PlugGap => SheetField::IgnitionGap,
            self::GearPoured => SheetField::GearcaseVolume,
            self::ShaftPlay => SheetField::PropellerPlay,
            self::Impeller => SheetField::PumpImpellerLimit,
            self::AnodeLeft => SheetField::Anodes,
            self::BeltDeflection => SheetField::BeltsDeflection,
            self::IntakeClearance => SheetField::ValvesIntake,
            self::ExhaustClearance => SheetField::ValvesExhaust,
            self::LubricationPoint => SheetField::LubricationPoints,
            self::InspectionPoint => SheetField::InspectionPoints,
            self::LevelAfterTrial => SheetField::DipstickBand,
            default => null,
        };
    }

    public function form(): AnswerForm
    {
        return match ($this) {
            self::PlugGapFound, self::PlugGap, self::GearPoured, self::ShaftPlay, self::BeltDeflection, self::IntakeClearance,
            self::ExhaustClearance, self::FullThrottle, self::LevelAfterTrial => AnswerForm::Figure,
            self::AnodeLeft => AnswerForm::Share,
            default => AnswerForm::Choice,
        };
    }

    /** Of a figure that no sheet gives a limit for, see FigureRange; empty: it is no figure. */
    public function unit(): string
    {
        return match ($this) {
            self::PlugGapFound, self::PlugGap, self::ShaftPlay, self::BeltDeflection, self::IntakeClearance,
            self::ExhaustClearance => 'mm',
            self::GearPoured => 'l',
            self::FullThrottle => 'rpm',
            self::LevelAfterTrial => 'span',
            default => '',
        };
    }

    /** Whether a place may have several figures: a cylinder has a valve or two on either side. */
    public function takesSeveral(): bool
    {
        return self::IntakeClearance === $this || self::ExhaustClearance === $this;
    }

    /** Of the engine as it came, and not as it left. */
    public function tellsHowItCame(): bool
    {
        return \in_array($this, [
            self::FilterSeen, self::PlugLook, self::PlugGapFound, self::FuelWater, self::GearFirst, self::GearMagnet, self::ShaftSeal,
            self::ShaftPlay, self::Impeller, self::AnodeLeft, self::Thermostat, self::Belt, self::TimingBelt, self::LubricationPoint,
            self::InspectionPoint,
        ], true);
    }

    /** Whether it is set to its limits, and not only measured: a figure outside them is not entered, it is put right. */
    public function isSet(): bool
    {
        return self::PlugGap === $this || self::BeltDeflection === $this;
    }

    /** How bad a figure outside its limits is. A gap that is worn is why the plug goes, and nothing to be decided. */
    public function outside(): Verdict
    {
        return self::PlugGapFound === $this ? Verdict::Note : Verdict::Finding;
    }

    /** What a figure below its limit means, and what is to be done about it. */
    public function below(string $limit): string
    {
        return match ($this) {
            self::PlugGapFound => "Narrower than $limit: bent, or set so.",
            self::GearPoured => "Less than the $limit that it takes: air is left in it, or old lubricant.",
            self::LevelAfterTrial => "Below $limit: it used oil or lost it in the trial.",
            default => "Below $limit.",
        };
    }

    /** What a figure above its limit means, and what is to be done about it. */
    public function above(string $limit): string
    {
        return match ($this) {
            self::PlugGapFound => "Wider than $limit: worn.",
            self::GearPoured => "More than the $limit that it takes: some ran out again, or the figure is another one.",
            self::ShaftPlay => "More than $limit: a bearing or a bush is worn.",
            self::LevelAfterTrial => "Above $limit: fuel or water in the oil, or it was overfilled.",
            default => "Above $limit.",
        };
    }
}
