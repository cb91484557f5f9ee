<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

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
        foreach ($bench->at('document')->at('operations')->list() as $operation) {
            foreach ($operation->at('steps')->list() as $step) {
                $entries[] = self::usual($step);
            }
        }

        return $entries;
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

    /** @return array<string, mixed> */
    private static function usual(Cursor $step): array
    {
        $id = $step->at('id')->string();
        $tightening = $step->at('tightening');

        return match ($step->at('entry')->string()) {
            'oil_appearance' => self::entry($id, 'observation', ['observation' => 'oil_black']),
            'leaks' => self::entry($id, 'observation', ['observation' => 'leaks_dry']),
            'tell_tale' => self::entry($id, 'observation', ['observation' => 'tell_tale_steady']),
            'poured' => self::entry($id, 'poured', ['volume' => ['value' => '5.4', 'unit' => 'l']]),
            'level', 'first_level' => self::entry($id, 'level', ['reading' => '0.60', 'restMin' => 30]),
            'torque' => self::entry(
                $id,
                'torque',
                ['torque' => $tightening->at('nominal')->raw(), 'unit' => $tightening->at('unit')->raw(), 'wrench' => WrenchRules::OTHER, 'reason' => 'the shop\'s are away'],
            ),
            'turns' => self::entry($id, 'turns', ['turns' => '3/4']),
            'count' => self::entry($id, 'count', ['in' => 4, 'out' => 4]),
            default => self::entry($id, 'tick'),
        };
    }
}
