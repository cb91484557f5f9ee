<?php

declare(strict_types=1);

namespace FreshTack\Console\Demo;

use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\Reading\Cursor;
use Symfony\Component\Uid\Uuid;

/** What a technician would enter at every step of an issued order if all goes well. */
final class GoodDay
{
    private static int $sequence = 0;

    /** @return list<array<string, mixed>> */
    public static function wholeJob(Cursor $bench): array
    {
        $entries = [];
        $pours = self::firstPours($bench);
        foreach ($bench->at('document')->at('operations')->list() as $operation) {
            $pour = $pours[$operation->at('position')->optionalString() ?? ''] ?? ['value' => '1', 'unit' => 'l'];
            foreach ($operation->at('steps')->list() as $step) {
                array_push($entries, ...self::rest($step), ...[self::usual($bench, $step, $pour)], ...self::notNeeded($bench, $step));
            }
        }

        return $entries;
    }

    /** @return list<array<string, mixed>> what lies ready for an operation that ends with this step, none of it needed */
    public static function notNeeded(Cursor $bench, Cursor $step): array
    {
        $parts = array_filter(
            $bench->at('parts')->list(),
            static fn (Cursor $part): bool => $step->at('id')->raw() === $part->at('stepId')->raw()
                && $part->at('laidOut')->bool()
                && $part->at('entry')->isNull(),
        );

        return array_values(array_map(static fn (Cursor $part): array => self::entry(
            $step->at('id')->string(),
            'part_used',
            ['number' => $part->at('number')->string(), 'count' => 0],
        ), $parts));
    }

    /**
     * @param array<string, mixed> $value
     *
     * @return array<string, mixed>
     */
    public static function entry(string $stepId, string $kind, array $value = [], ?string $corrects = null): array
    {
        return [
            'uuid' => Uuid::v7()->toRfc4122(),
            'stepId' => $stepId,
            'kind' => $kind,
            'value' => [] === $value ? new \stdClass() : $value,
            'corrects' => $corrects,
            'deviceSequence' => ++self::$sequence,
            'deviceAt' => '2026-03-18T09:00:00.000Z',
            ...(null === $corrects ? [] : ['why' => 'a slip']),
        ];
    }

    /** @return list<array<string, mixed>> what was opened of each oil, and what is left of it, as the order had it */
    public static function oilLeft(Cursor $bench): array
    {
        return array_map(static fn (Cursor $pool): array => [
            'grade' => $pool->at('grade')->raw(),
            'performanceClass' => $pool->at('performanceClass')->raw(),
            'opened' => ['value' => (string) $pool->at('pulledMl')->int(0, 99_999), 'unit' => 'ml'],
            'leftOver' => ['value' => (string) $pool->at('leftMl')->int(0, 99_999), 'unit' => 'ml'],
        ], $bench->at('pools')->list());
    }

    /** @return list<array{number: string, engine: string}> what is held against which engine, before anything is fitted */
    public static function parts(Cursor $bench): array
    {
        $held = [];
        foreach ($bench->at('document')->at('parts')->list() as $part) {
            foreach ($part->at('positions')->strings() as $engine) {
                $held[] = ['number' => $part->at('number')->string(), 'engine' => $engine];
            }
        }

        return $held;
    }

    /** @return list<array<string, mixed>> of each oil that nobody measured what is left */
    public static function notMeasured(Cursor $bench): array
    {
        return array_map(static fn (array $oil): array => [...$oil, 'opened' => null, 'leftOver' => null], self::oilLeft($bench));
    }

    /** @return list<array<string, mixed>> all that comes before a step */
    public static function before(Cursor $bench, string $stepId): array
    {
        $entries = self::wholeJob($bench);
        $place = array_search($stepId, array_column($entries, 'stepId'), true);

        return \is_int($place) ? \array_slice($entries, 0, $place) : throw new \LogicException("This order has no step $stepId.");
    }

    /**
     * The same as it is copied from the paper: from one time of the tests' day on, and half an hour before each reading.
     *
     * @param list<array<string, mixed>> $entries
     * @param array<mixed>               $timed   steps at which the paper has a time
     *
     * @return list<array<string, mixed>>
     */
    public static function paper(array $entries, array $timed, string $time): array
    {
        $clock = new \DateTimeImmutable("2026-03-18 $time", new \DateTimeZone('UTC'));
        $copied = [];
        foreach ($entries as $entry) {
            $clock = 'level' === $entry['kind'] ? $clock->modify('+30 minutes') : $clock;
            $doneAt = \in_array($entry['stepId'], $timed, true) ? $clock->format('Y-m-d\TH:i:s\Z') : null;
            if ('waited' !== $entry['kind']) {
                $copied[] = [...$entry, 'fromPaper' => true, 'doneAt' => $doneAt];
            }
        }

        return $copied;
    }

    /** @return list<array<string, mixed>> nothing found anywhere */
    private static function answers(Cursor $measure, Cursor $known): array
    {
        $usual = $known->at($measure->at('kind')->string());

        return array_map(static function (Cursor $place) use ($measure, $usual): array {
            $answers = $place->at('answers')->isNull() ? $usual : $place->at('answers');
            $range = $place->at('range');

            return ['place' => $place->at('key')->string(), ...match ($measure->at('form')->string()) {
                'choice' => ['answer' => $answers->at(0)->at('code')->string()],
                'share' => ['share' => 80],
                default => ['figures' => [$range->at('max')->optionalString() ?? '5200']],
            }];
        }, $measure->at('places')->list());
    }

    /** @return list<array<string, mixed>> what the demo lets pass where oil has to rest */
    private static function rest(Cursor $step): array
    {
        $rests = \in_array($step->at('entry')->raw(), ['level', 'first_level'], true)
            || [] !== array_filter($step->at('effects')->list(), static fn (Cursor $effect): bool => 'rested' === $effect->raw());

        return $rests ? [self::entry($step->at('id')->string(), 'waited', ['minutes' => 60])] : [];
    }

    /**
     * @return array<string, array<string, mixed>> what each engine is filled with first, by its position
     */
    private static function firstPours(Cursor $bench): array
    {
        $pours = [];
        foreach ($bench->at('document')->at('engines')->list() as $engine) {
            $pour = $engine->at('oil')->isNull() ? null : $engine->at('oil')->at('firstPour');
            if (null !== $pour) {
                $pours[$engine->at('position')->string()] = ['value' => $pour->at('value')->raw(), 'unit' => $pour->at('unit')->raw()];
            }
        }

        return $pours;
    }

    /**
     * @param array<string, mixed> $pour
     *
     * @return array<string, mixed>
     */
    private static function usual(Cursor $bench, Cursor $step, array $pour): array
    {
        $id = $step->at('id')->string();
        $tightening = $step->at('tightening');

        return match ($step->at('entry')->string()) {
            'oil_appearance' => self::entry($id, 'observation', ['observation' => 'oil_black']),
            'arrival_level' => self::entry($id, 'observation', ['observation' => 'arrival_in_band']),
            'leaks' => self::entry($id, 'observation', ['observation' => 'leaks_dry']),
            'tell_tale' => self::entry($id, 'observation', ['observation' => 'tell_tale_steady']),
            'poured' => self::entry($id, 'poured', ['volume' => $pour]),
            'measured' => self::entry(
                $id,
                'measured',
                ['answers' => self::answers($step->at('measure'), $bench->at('document')->at('answers'))],
            ),
            'level', 'first_level' => self::entry($id, 'level', ['reading' => '0.60']),
            'torque' => self::entry(
                $id,
                'torque',
                ['torque' => $tightening->at('nominal')->raw(), 'unit' => $tightening->at('unit')->raw(), 'wrench' => WrenchRules::OTHER, 'reason' => 'the shop\'s are away'],
            ),
            'turns' => self::entry($id, 'turns', ['turns' => '3/4']),
            'count' => self::entry($id, 'count', ['in' => 4, 'out' => 4]),
            'fasteners' => self::entry($id, 'count', ['in' => $step->at('count')->raw(), 'out' => $step->at('count')->raw()]),
            default => self::entry($id, 'tick'),
        };
    }
}
