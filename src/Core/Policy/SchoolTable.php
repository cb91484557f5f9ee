<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

/** The answers to each question, the usual one first. */
final readonly class SchoolTable
{
    /** @return non-empty-list<School> */
    public static function of(Question $question): array
    {
        return self::oil($question) ?? self::level($question) ?? self::parts($question) ?? self::work($question);
    }

    /** @return non-empty-list<School>|null */
    private static function oil(Question $question): ?array
    {
        return match ($question) {
            Question::DrainTemperature => [
                new School('warm', 'warm to the touch', 'Warm oil flows out and carries the dirt with it. Never scalding.'),
                new School('rested', 'rested', 'Rested oil is all in the sump, makes no mess and burns nobody.'),
            ],
            Question::DrainBy => [
                new School('gravity', 'gravity where the drain can be reached', 'Gravity takes the sediment along.'),
                new School('extraction', 'pump it out where the sheet allows it', 'Clean and quick; two pulls, and some oil stays behind.'),
            ],
            Question::DrainSeal => [
                new School('always_new', 'always new', 'A seal crushed once seals badly the second time and costs little.'),
                new School('when_damaged', 'when damaged', 'Many seals outlast several changes.'),
            ],
            Question::FirstFilter => [
                new School('with_every', 'with every change', 'The first hours leave the most metal in the filter.'),
                new School('not_before_full', 'not before the first full service', 'The filter holds far more than the first hours bring.'),
            ],
            Question::FilterGasket => [
                new School('clean_oil', 'clean oil', 'It lets the gasket slide instead of tearing, and is there already.'),
                new School('used_oil', 'used oil', 'It does the same and needs no bottle opened.'),
                new School('grease', 'grease', 'It stays where it is put.', 'Grease swells the gasket, which then sits loose: it is refused.'),
            ],
            Question::FilterTightness => [
                new School('sheet', 'by the sheet\'s figure', 'Too loose leaks, too tight tears; the maker has tried it.'),
                new School('by_hand', 'by hand', 'Nobody ever tore a gasket by hand.', 'Without a figure of the sheet it is a hole, which nobody\'s feel fills.'),
            ],
            Question::FilterPriming => [
                new School('at_idle', 'in the first seconds at idle', 'The pump fills it at once; nothing is turned for its own sake.'),
                new School('turned_over', 'turned over before it starts', 'The bearings never run on an empty filter.'),
            ],
            Question::DrainsDuringFilter => [
                new School('closed', 'closed first', 'An open drain is forgotten more easily than a closed one.'),
                new School('open', 'left open', 'What the filter lets go runs out as well.'),
            ],
            default => null,
        };
    }

    /** @return non-empty-list<School>|null */
    private static function level(Question $question): ?array
    {
        return match ($question) {
            Question::TargetLevel => [
                new School('middle', 'middle of the sheet\'s band', 'Room on both sides for a reading that is a little off.'),
                new School('upper', 'upper part of the band', 'More oil to last until the next look.'),
                new School('top_edge', 'upper edge of the band', 'As much as is safe for an engine that uses oil.'),
            ],
            Question::WhenToRead => [
                new School('full_rest', 'run, then the full rest', 'All oil is in the sump, and the filter is full.'),
                new School('two_agree', 'run, rest, two readings ten minutes apart', 'Two readings that agree prove that it has settled.'),
                new School('next_outing', 'at the next outing', 'A night is the longest rest.', 'An engine is not released on a level that nobody has read.'),
            ],
            Question::HowToRun => [
                new School('water_supply', 'on a water supply in the shop', 'Everything can be seen and reached.'),
                new School('test_tank', 'in the test tank', 'The exhaust meets the pressure that it meets on the water.'),
                new School('on_the_water', 'on a water supply, then on the water', 'Only under load does a leak or a slipping shift show.'),
            ],
            default => null,
        };
    }

    /** @return non-empty-list<School>|null */
    private static function parts(Question $question): ?array
    {
        return match ($question) {
            Question::GearcaseSeals => [
                new School('always_new', 'always new', 'A drop of water a week is a gearcase a year.'),
                new School('on_sight', 'on sight', 'A sound seal may stay.'),
            ],
            Question::Pump => [
                new School('kit', 'the whole kit', 'The housing wears with the impeller, and the gearcase comes off once.'),
                new School('impeller', 'impeller only', 'The impeller is what fails.'),
            ],
            Question::InternalAnodes => [
                new School('at_interval', 'at the interval, offered early in salt', 'The sheet knows its engines; salt water does not.'),
                new School('early_in_salt', 'proposed early in salt', 'Nobody sees them shrink.'),
            ],
            Question::Parts => [
                new School('makers', 'the maker\'s', 'Within warranty nobody asks a second question.'),
                new School('approved_others', 'approved others too', 'Many are as good, cost less and are there today.'),
            ],
            default => null,
        };
    }

    /** @return non-empty-list<School> */
    private static function work(Question $question): array
    {
        return match ($question) {
            Question::Threads => [
                new School('clean_dry', 'clean and dry', 'It is what most figures assume.'),
                new School('marine_grease', 'marine grease', 'It comes apart again in salt water.'),
                new School('anti_seize', 'anti-seize', 'Nothing seizes, even in years.'),
            ],
            Question::Covers => [
                new School('after_leak_check', 'after the leak check', 'A leak behind a panel shows when it is off.'),
                new School('before_filling', 'before the oil goes in', 'Nothing drops behind it any more.'),
            ],
            Question::PropellerShaft => [
                new School('every_time', 'every time', 'Old grease is salt grease.'),
                new School('when_lacking', 'when it lacks', 'Good grease need not be wiped off.'),
            ],
            Question::SecondPerson => [
                new School('sold', 'sold', 'Two people are two wages.'),
                new School('not_sold', 'not sold', 'The price is by the job; who lends a hand is the shop\'s affair.'),
            ],
            Question::SoldTime => [
                new School('up', 'up', 'A tenth that was begun was worked.'),
                new School(
                    'nearest',
                    'to the nearest',
                    'Over a season it comes out even, and no owner can say that it was rounded his way or the other.',
                ),
            ],
            default => [
                new School('torque_wrench', 'torque wrench only', 'The figure is met once, and known.'),
                new School('impact_then_wrench', 'impact wrench, then torque wrench', 'Quicker on many bolts; the wrench has the last word.'),
            ],
        };
    }
}
