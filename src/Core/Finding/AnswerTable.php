<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** What a technician may see, in the words of the trade, with what it means and what follows. */
final readonly class AnswerTable
{
    private const PRESSURE_TEST = 'Water gets past a screw seal or a shaft seal: a pressure and vacuum test, then the seal.';

    /** @return list<Answer> the usual one first; none: it is no choice, or its answers stand on the sheet */
    public static function of(Measure $measure): array
    {
        return self::ofPlugs($measure)
            ?? self::ofFluids($measure)
            ?? self::ofGear($measure)
            ?? self::ofParts($measure)
            ?? self::ofRun($measure)
            ?? [];
    }

    /** @return array<string, string> what is looked at, by its key: a question about the engine, or the kind of a measure */
    public static function lookedAt(): array
    {
        $measures = array_filter(Measure::cases(), static fn (Measure $measure): bool => [] !== self::of($measure));

        return [...Observation::QUESTIONS, ...array_combine(
            array_map(static fn (Measure $measure): string => $measure->value, $measures),
            array_map(static fn (Measure $measure): string => $measure->label(), $measures),
        )];
    }

    /** @return list<Answer> of the trade, the usual one first; none: it is no choice, or its answers stand on the sheet */
    public static function at(string $key): array
    {
        $measure = Measure::tryFrom($key);

        return null === $measure
            ? array_map(static fn (Observation $seen): Answer => $seen->answer(), Observation::answersTo($key))
            : self::of($measure);
    }

    /** @return Answer|null null: no answer of the trade has this code */
    public static function find(string $code): ?Answer
    {
        foreach (array_keys(self::lookedAt()) as $key) {
            foreach (self::at($key) as $answer) {
                if ($code === $answer->code) {
                    return $answer;
                }
            }
        }

        return null;
    }

    /** @return list<Answer>|null */
    private static function ofPlugs(Measure $measure): ?array
    {
        return Measure::PlugLook !== $measure ? null : [
            Answer::usual('plug_tan', 'Tan or grey, dry'),
            Answer::note('plug_sooty', 'Black and dry: soot', 'Runs rich, or on short trips.'),
            Answer::finding('plug_fuel', 'Wet with fuel', 'This cylinder did not fire.'),
            Answer::finding('plug_oil', 'Wet with oil', 'Oil gets into this cylinder.'),
            Answer::finding('plug_white', 'White, blistered or melted', 'Too hot or too lean: find out why before it is run hard.'),
            Answer::stop(
                'plug_water',
                'Drops of water or rust',
                'Water in this cylinder.',
                'Stop. Don\'t turn the engine over by its starter. Call the lead technician.',
            ),
            Answer::stop(
                'plug_broken',
                'A piece is missing',
                'The piece may lie in the cylinder.',
                'Stop. Don\'t turn the engine over before the piece is found. Call the lead technician.',
            ),
        ];
    }

    /** @return list<Answer>|null */
    private static function ofFluids(Measure $measure): ?array
    {
        return match ($measure) {
            Measure::FilterSeen => [
                Answer::usual('folds_clean', 'Clean folds'),
                Answer::usual('folds_not_seen', 'Not cut open', 'nobody looked inside'),
                Answer::note('folds_sheen', 'Fine sheen', 'Running-in at a first service; otherwise look again at the next change.'),
                Answer::stop(
                    'folds_metal',
                    'Metal flakes of any colour',
                    'Damage to a bearing or a gear.',
                    'Stop. Keep the filter and the oil. Call the lead technician.',
                ),
            ],
            Measure::FuelWater => [
                Answer::usual('fuel_clear', 'Clear, nothing below'),
                Answer::note('fuel_drops', 'A few drops of water', 'Condensation: look again at the next service.'),
                Answer::finding('fuel_water', 'A layer of water', 'There is water in the tank: drain it, and find where it comes in.'),
                Answer::finding('fuel_dirt', 'Dirt or rust', 'Tank or hoses need a look.'),
                Answer::finding('fuel_milky', 'Milky', 'Water is mixed into the fuel: the tank is emptied before the engine runs on it.'),
            ],
            default => null,
        };
    }

    /** @return list<Answer>|null */
    private static function ofGear(Measure $measure): ?array
    {
        return match ($measure) {
            Measure::GearFirst => [
                Answer::usual('gear_clear', 'Lubricant, clear'),
                Answer::note('gear_dark', 'Dark, smells burnt', 'Heat or age: a shorter interval is proposed.'),
                Answer::note('gear_cloudy', 'Cloudy, just after running', 'It may be air: let a sample stand, and look again.'),
                Answer::finding('gear_creamy', 'Creamy', self::PRESSURE_TEST),
                Answer::finding('gear_water', 'Water first', self::PRESSURE_TEST),
                Answer::finding('gear_empty', 'Hardly any came', 'It leaked out: a pressure and vacuum test, then the seal.'),
            ],
            Measure::GearMagnet => [
                Answer::usual('magnet_clean', 'Clean'),
                Answer::note('magnet_paste', 'Fine grey paste', 'Normal wear.'),
                Answer::usual('magnet_none', 'This screw has no magnet', 'nothing to see'),
                Answer::stop('magnet_chips', 'Chips', 'Damage to a gear.', 'Stop. Keep what came out. Call the lead technician.'),
            ],
            Measure::ShaftSeal => [
                Answer::usual('seal_clean', 'Clean, no line'),
                Answer::finding('seal_line', 'A line behind the propeller', 'The seal is at risk: look at its lip, pressure test.'),
                Answer::finding('seal_nicked', 'Nicks in the seal', 'It will let water in: renew it.'),
                Answer::finding('seal_milky', 'Milky traces', 'It lets water in: pressure test, renew it.'),
            ],
            default => null,
        };
    }

    /** @return list<Answer>|null */
    private static function ofParts(Measure $measure): ?array
    {
        return match ($measure) {
            Measure::Impeller => [
                Answer::usual('vanes_whole', 'All vanes whole and springy'),
                Answer::finding('vanes_set', 'Vanes set to one side', 'Worn: renew it.'),
                Answer::finding('vanes_cracked', 'Vanes cracked', 'Worn: renew it.'),
                Answer::finding(
                    'vane_missing',
                    'A vane or a piece is missing',
                    'It went with the water: water tube, passages, thermostat. Say where it was found.',
                    true,
                ),
            ],
            Measure::Thermostat => [
                Answer::usual('thermostat_opens', 'Opens in hot water, shuts again'),
                Answer::note('thermostat_untested', 'Not tested', 'Nobody has seen it open.'),
                Answer::finding('thermostat_shut', 'Stays shut', 'The engine gets too hot: renew it.'),
                Answer::finding('thermostat_open', 'Stands open', 'The engine stays cold: renew it.'),
            ],
            Measure::Belt => [
                Answer::usual('belt_sound', 'Sound all round'),
                Answer::finding('belt_worn', 'Cracked, frayed or glazed', 'Renew it.'),
                Answer::finding('belt_oily', 'Oily', 'Find the leak, then renew the belt.'),
            ],
            Measure::TimingBelt => [
                Answer::usual('timing_sound', 'Sound, all teeth'),
                Answer::finding('timing_worn', 'Cracked or frayed', 'Renew it before the engine is run hard.'),
                Answer::finding('timing_oily', 'Oily', 'Find the leak, then renew the belt.'),
                Answer::stop(
                    'timing_teeth',
                    'Teeth torn or missing',
                    'The valves may meet the pistons.',
                    'Stop. Don\'t run this engine. Call the lead technician.',
                ),
            ],
            Measure::LubricationPoint => [
                Answer::usual('point_took', 'Took it'),
                Answer::note('point_dry', 'Was dry, took it', 'Greased too seldom for how it is used.'),
                Answer::finding('point_seized', 'Took none, or seized', 'Free it, or say what it needs.'),
            ],
            default => null,
        };
    }

    /** @return list<Answer>|null */
    private static function ofRun(Measure $measure): ?array
    {
        return match ($measure) {
            Measure::WarningLight => [
                Answer::usual('light_out', 'Came on, went out'),
                Answer::finding('light_dark', 'Did not come on', 'The next alarm would not be seen: lamp, fuse or wiring.'),
                Answer::stop(
                    'light_stays',
                    'Stays on',
                    'No oil pressure, or another alarm.',
                    'Stop the engine at once. Call the lead technician.',
                ),
            ],
            Measure::Noise => [
                Answer::usual('noise_none', 'None'),
                Answer::finding('noise_heard', 'A noise', 'Somebody finds out what it is before it leaves. Say what and where.', true),
            ],
            Measure::Shift => [
                Answer::usual('shift_clean', 'Right in every gear'),
                Answer::finding('shift_grinds', 'Grinds, or is hard to move', 'Set the linkage, or say what it needs.'),
                Answer::finding('shift_wrong', 'Not in gear, or jumps out', 'It is not run under power before that is put right.'),
            ],
            default => null,
        };
    }
}
