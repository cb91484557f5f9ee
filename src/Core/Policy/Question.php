<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

/** The questions over which practitioners disagree. A sheet goes before the shop's answer, and a gate before both. */
enum Question: string
{
    case DrainTemperature = 'drain_temperature';
    case DrainBy = 'drain_by';
    case DrainSeal = 'drain_seal';
    case FirstFilter = 'first_filter';
    case FilterGasket = 'filter_gasket';
    case FilterTightness = 'filter_tightness';
    case FilterPriming = 'filter_priming';
    case DrainsDuringFilter = 'drains_during_filter';
    case TargetLevel = 'target_level';
    case WhenToRead = 'when_to_read';
    case HowToRun = 'how_to_run';
    case GearcaseSeals = 'gearcase_seals';
    case Pump = 'pump';
    case InternalAnodes = 'internal_anodes';
    case Threads = 'threads';
    case Parts = 'parts';
    case Covers = 'covers';
    case PropellerShaft = 'propeller_shaft';
    case FinalTightening = 'final_tightening';
    case SecondPerson = 'second_person';
    case SoldTime = 'sold_time';

    public function title(): string
    {
        return match ($this) {
            self::DrainTemperature => 'Drain the oil warm or rested',
            self::DrainBy => 'Drain by gravity or pump it out',
            self::DrainSeal => 'Seal of the oil drain',
            self::FirstFilter => 'Oil filter at the first service',
            self::FilterGasket => 'What goes on the oil filter\'s gasket',
            self::FilterTightness => 'How tight the oil filter goes',
            self::FilterPriming => 'How a new oil filter fills',
            self::DrainsDuringFilter => 'Drain while the filter is off',
            self::TargetLevel => 'Where on the dipstick',
            self::WhenToRead => 'When the level counts',
            self::HowToRun => 'Where the engine is run',
            self::GearcaseSeals => 'Seals of the gearcase screws',
            self::Pump => 'Water pump',
            self::InternalAnodes => 'Anodes inside the engine',
            self::Threads => 'What goes on threads',
            self::Parts => 'Whose parts',
            self::Covers => 'Side panels and plug cover',
            self::PropellerShaft => 'Grease on the propeller shaft',
            self::FinalTightening => 'The last turn of a fastener',
            self::SecondPerson => 'Time of the second person',
            self::SoldTime => 'Rounding of sold time',
        };
    }

    /** What the answer changes in an order. */
    public function changes(): string
    {
        return match ($this) {
            self::DrainTemperature => 'A run of a few minutes before the drain, in one go with it.',
            self::DrainBy => 'How the oil is taken out, and the first pour, where the sheet allows both.',
            self::DrainSeal => 'A seal more on the pick list, or a look at the old one.',
            self::FirstFilter => 'When the filter is first due, where the sheet gives the oil an early limit and says nothing of the filter\'s; nothing where it does.',
            self::FilterGasket => 'The words at the step, where the sheet is silent.',
            self::FilterTightness => 'Nothing as long as the sheet speaks; without a figure of the sheet the filter is not ordered.',
            self::FilterPriming => 'A step before the start, with the water on and the guards in place; none where the sheet forbids it.',
            self::DrainsDuringFilter => 'Whether the drain is closed before or after the filter.',
            self::TargetLevel => 'How far a top-up goes within the sheet\'s band; never above the top mark.',
            self::WhenToRead => 'A second reading ten minutes after the first; the sheet\'s rest always counts.',
            self::HowToRun => 'The water supply, the run, and a sea trial at the end.',
            self::GearcaseSeals => 'Seals on the pick list, or a look at the old ones.',
            self::Pump => 'The kit or the impeller on the pick list.',
            self::InternalAnodes => 'Whether they stand first among what is offered while the engine is open, for boats in salt or brackish water.',
            self::Threads => 'The words at the step, and a warning where the torque assumes otherwise.',
            self::Parts => 'Where the maker\'s part is short and the catalogue names one that stands in for it, that one is on the pick list, marked as not the maker\'s.',
            self::Covers => 'Whether panels and plug cover go back before the oil goes in or after the leak check.',
            self::PropellerShaft => 'A step whenever the propeller is off.',
            self::FinalTightening => 'A step where many bolts hold the lower unit; an impact wrench never gives the final figure.',
            self::SecondPerson => 'The sold time of steps that take two people; both are in the hands-on time.',
            self::SoldTime => 'The sold time of an order: it is rounded once, at the end, to a tenth of an hour.',
        };
    }

    /** @return non-empty-list<School> the usual one first */
    public function schools(): array
    {
        return SchoolTable::of($this);
    }

    public function standard(): School
    {
        return $this->schools()[0];
    }

    public function school(string $code): ?School
    {
        return array_values(array_filter($this->schools(), static fn (School $school): bool => $school->code === $code))[0] ?? null;
    }
}
