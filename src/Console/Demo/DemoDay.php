<?php

declare(strict_types=1);

namespace FreshTack\Console\Demo;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\CsvTable;
use FreshTack\Exchange\RegisterCsv;
use FreshTack\Exchange\ServicesCsv;

/**
 * A working day in the demo: its people do at the served shop what they would do on screen, until every lane of the board
 * holds what a shop has there at eleven in the morning.
 */
final readonly class DemoDay
{
    private const LAST_YEAR = '-370 days';
    private const TO_ISSUE_MIN = 6;
    private const TO_PULL_MIN = 9;
    private const TO_RELEASE_MIN = 4;

    public function __construct(private DemoPerson $person, private \DateTimeImmutable $now)
    {
    }

    /**
     * @param list<Cursor>             $boats as `demo/day.json` has them
     * @param \Closure(string): void   $told  what was done
     */
    public function live(array $boats, \Closure $told): void
    {
        $this->person->signIn('ines');
        $this->person->takeIn('/api/register/imports', $this->register($boats));
        $this->person->takeIn('/api/services/imports', $this->services($boats));
        foreach ($boats as $boat) {
            $told(\sprintf('%s: %s', $boat->at('boat')->string(), $this->order($boat)));
        }
    }

    /** Whether its boats are there already. */
    public function wasLived(Cursor $boat): bool
    {
        $this->person->signIn('ines');

        return null !== $this->person->boat($boat->at('boat')->string());
    }

    /** @return string what became of its order */
    private function order(Cursor $boat): string
    {
        $does = $boat->at('does')->string();
        $this->person->at = $this->minutesAgo($boat, 'checkedInMinAgo');
        $this->person->signIn('ines');
        [$number, $version] = $this->checkedIn($boat);
        if ('draft' === $does) {
            return "order $number is a draft";
        }
        $this->pass(self::TO_ISSUE_MIN);
        $this->person->call('POST', "/api/orders/$number/issue", ['version' => $version]);
        if ('issued' === $does) {
            return "order $number is issued";
        }
        $this->pass(self::TO_PULL_MIN);
        $this->hold($number);
        $this->person->signIn('ada');
        $entered = $this->work($number, $does, $this->minutesAgo($boat, 'workedMinAgo'));
        if ('released' === $does) {
            $this->pass(self::TO_RELEASE_MIN);
            $this->person->call('POST', "/api/orders/$number/release", [
                'version' => $entered->at('order')->at('version')->raw(),
                'remark' => $boat->at('remark')->optionalString() ?? '',
                'oil' => GoodDay::oilLeft($entered),
            ]);
        }

        return "order $number is $does";
    }

    /** The work of an order, operation by operation, so that the last of it ends when it is said to. */
    private function work(int $number, string $does, \DateTimeImmutable $ends): Cursor
    {
        $bench = $this->person->call('GET', "/api/orders/$number/bench");
        $minutes = self::minutes($bench);
        $blocks = self::blocks($this->entries($bench, $does), self::restMin($bench));
        $long = array_sum(array_map(static fn (array $block): int => $block['restMin'] + ($minutes[$block['operation']] ?? 0), $blocks));
        $start = $ends->modify("-$long minutes");
        $this->person->at = max($start, $this->person->at ?? $start);
        foreach ($blocks as $block) {
            $this->pass($block['restMin']);
            $done = ($this->person->at ?? $start)->format('Y-m-d\TH:i:s.v\Z');
            $sent = array_map(static fn (array $entry): array => [...$entry, 'deviceAt' => $done], $block['entries']);
            $bench = $this->person->call('POST', "/api/orders/$number/entries", ['entries' => $sent]);
            $this->pass($minutes[$block['operation']] ?? 0);
        }

        return $bench;
    }

    /**
     * What is entered in one go: of one operation, and with no rest between.
     *
     * @param list<array<string, mixed>> $entries
     * @param int                        $restMin that oil rests before it is read
     *
     * @return list<array{operation: string, restMin: int, entries: list<array<string, mixed>>}>
     */
    private static function blocks(array $entries, int $restMin): array
    {
        $blocks = [];
        $rest = 0;
        foreach ($entries as $entry) {
            if ('waited' === $entry['kind']) {
                $rest = $restMin;
                continue;
            }
            $step = \is_string($entry['stepId']) ? $entry['stepId'] : '';
            $operation = substr($step, 0, (int) strrpos($step, '.'));
            $last = array_key_last($blocks);
            if (null !== $last && 0 === $rest && $blocks[$last]['operation'] === $operation) {
                $blocks[$last]['entries'][] = $entry;
            } else {
                $blocks[] = ['operation' => $operation, 'restMin' => $rest, 'entries' => [$entry]];
            }
            $rest = 0;
        }

        return $blocks;
    }

    private static function restMin(Cursor $bench): int
    {
        $rests = [0];
        foreach ($bench->at('document')->at('engines')->list() as $engine) {
            foreach ($engine->at('level')->isNull() ? [] : ['restAfterRunMin', 'restAfterPourMin'] as $key) {
                $rests[] = $engine->at('level')->at($key)->int(0, 10_000);
            }
        }

        return max($rests);
    }

    /** @return array<string, int> that each operation takes, its waits with it */
    private static function minutes(Cursor $bench): array
    {
        $minutes = [];
        foreach ($bench->at('document')->at('operations')->list() as $operation) {
            $minutes[$operation->at('id')->string()] = array_sum(array_map(
                static fn (string $key): int => $operation->at($key)->int(0, 10_000),
                ['attendedMin', 'presenceMin', 'unattendedMin'],
            ));
        }

        return $minutes;
    }

    private function minutesAgo(Cursor $boat, string $key): \DateTimeImmutable
    {
        return $this->now->modify(\sprintf('-%d minutes', $boat->at($key)->int(0, 10_000)));
    }

    private function pass(int $minutes): void
    {
        $this->person->at = ($this->person->at ?? $this->now)->modify("+$minutes minutes");
    }

    /** @return array{int, mixed} number and version */
    private function checkedIn(Cursor $boat): array
    {
        $id = $this->person->boat($boat->at('boat')->string()) ?? throw new \LogicException('The boats were taken in before.');
        $draft = $this->person->call('GET', "/api/boats/$id/check-in")->at('draft');
        $engines = [];
        foreach ($draft->at('engines')->list() as $index => $engine) {
            $typed = $engine->raw();
            $engines[] = [
                ...(\is_array($typed) ? $typed : []),
                'hours' => $boat->at('engines')->at($index)->at('hours')->string(),
                'tasks' => $boat->at('tasks')->strings(),
            ];
        }
        $raw = $draft->raw();
        $file = $this->person->call('POST', "/api/boats/$id/check-ins", [...(\is_array($raw) ? $raw : []), 'engines' => $engines]);

        return [$file->at('number')->int(1, \PHP_INT_MAX), $file->at('version')->raw()];
    }

    /** The parts counter holds every part against its engine. */
    private function hold(int $number): void
    {
        $this->person->signIn('bram');
        $cart = $this->person->call('GET', "/api/orders/$number/cart");
        foreach (GoodDay::parts($cart) as $part) {
            $this->person->call('POST', "/api/orders/$number/cart", $part);
        }
    }

    /** @return list<array<string, mixed>> */
    private function entries(Cursor $bench, string $does): array
    {
        $entries = match ($does) {
            'resting' => $this->untilOilRests($bench),
            'parked' => $this->untilParked($bench),
            'stopped' => $this->untilStopped($bench),
            default => GoodDay::wholeJob($bench),
        };

        $wrenches = self::wrenches($bench);

        return array_map(static fn (array $entry): array => self::withTheShops($entry, $wrenches), $entries);
    }

    /** @return array<string, string> the wrench of the shop that holds the figure best, by step */
    private static function wrenches(Cursor $bench): array
    {
        $wrenches = [];
        foreach ($bench->at('steps')->list() as $step) {
            $names = $step->at('wrenches')->strings();
            $wrenches += [] === $names ? [] : [$step->at('id')->string() => $names[0]];
        }

        return $wrenches;
    }

    /**
     * @param array<string, mixed>  $entry
     * @param array<string, string> $wrenches by step
     *
     * @return array<string, mixed>
     */
    private static function withTheShops(array $entry, array $wrenches): array
    {
        $step = \is_string($entry['stepId'] ?? null) ? $entry['stepId'] : '';
        $value = $entry['value'] ?? null;

        return 'torque' === $entry['kind'] && isset($wrenches[$step]) && \is_array($value)
            ? [...$entry, 'value' => [...array_diff_key($value, ['reason' => '']), 'wrench' => $wrenches[$step]]]
            : $entry;
    }

    /** @return list<array<string, mixed>> up to where the engine rests after its run, which nobody shortens: the reading comes after it */
    private function untilOilRests(Cursor $bench): array
    {
        $entries = GoodDay::wholeJob($bench);
        $waits = array_keys(array_column($entries, 'kind'), 'waited', true);

        $rest = \array_slice($waits, -2)[0] ?? \count($entries);

        return \array_slice($entries, 0, $rest);
    }

    /** @return list<array<string, mixed>> */
    private function untilParked(Cursor $bench): array
    {
        $entries = GoodDay::wholeJob($bench);
        $pours = array_keys(array_column($entries, 'kind'), 'poured', true);
        $before = \array_slice($entries, 0, $pours[0] ?? 1);
        $last = end($before);
        $at = \is_array($last) && \is_string($last['stepId']) ? $last['stepId'] : '';

        return [...$before, GoodDay::entry($at, 'parked', [
            'waitsFor' => 'decision',
            'text' => 'The owner thinks about new plugs and calls back.',
            'until' => $this->now->modify('+1 day')->format('Y-m-d\TH:i:s\Z'),
        ])];
    }

    /** @return list<array<string, mixed>> up to the look at the oil, which is milky */
    private function untilStopped(Cursor $bench): array
    {
        $entries = GoodDay::wholeJob($bench);
        foreach ($entries as $place => $entry) {
            if (['observation' => 'oil_black'] === $entry['value']) {
                return [...\array_slice($entries, 0, $place), [...$entry, 'value' => ['observation' => 'oil_emulsified']]];
            }
        }

        return $entries;
    }

    /** @param list<Cursor> $boats */
    private function register(array $boats): string
    {
        $rows = [];
        foreach ($boats as $boat) {
            foreach ($boat->at('engines')->list() as $engine) {
                $rows[] = [
                    ...$this->texts($boat, 'owner', 'boat', 'kind', 'water', 'kept', 'registration', 'months'),
                    ...$this->texts($engine, 'position', 'model', 'serial'),
                    'in_service' => $this->daysAgo($engine->at('daysInService')->int(0, 20_000)),
                ];
            }
        }

        return CsvTable::write([...RegisterCsv::HEADINGS, 'registration', 'months'], $rows);
    }

    /** @param list<Cursor> $boats */
    private function services(array $boats): string
    {
        $rows = [];
        foreach ($boats as $boat) {
            foreach ($boat->at('engines')->list() as $engine) {
                foreach ($boat->at('tasks')->strings() as $task) {
                    $rows[] = [
                        'serial' => $engine->at('serial')->string(),
                        'task' => $task,
                        'date' => $this->now->modify(self::LAST_YEAR)->format('Y-m-d'),
                        'evidence' => 'last year\'s order, on paper',
                    ];
                }
            }
        }

        return CsvTable::write(ServicesCsv::HEADINGS, $rows);
    }

    /** @return array<string, string> */
    private function texts(Cursor $at, string ...$keys): array
    {
        return array_combine($keys, array_map(static fn (string $key): string => $at->at($key)->optionalString() ?? '', $keys));
    }

    private function daysAgo(int $days): string
    {
        return $this->now->modify(\sprintf('-%d days', $days))->format('Y-m-d');
    }
}
