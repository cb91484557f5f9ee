<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;

/** Reads a tightening as spec sheets and frozen orders write it; what does not fit is noted as a flaw. */
final readonly class TighteningReader
{
    /** By kind, the keys that belong to it; a `?` marks one that may be left out. */
    public const KINDS = [
        'torque' => ['min', 'nominal', 'max', 'unit', 'thread', '?pattern', '?reused'],
        'torque_stages' => ['stages', 'min', 'max', 'unit', 'thread', '?pattern', '?angle', '?secondAngle'],
        'torque_angle' => ['min', 'nominal', 'max', 'unit', 'thread', 'angle', '?pattern', '?secondAngle'],
        'turns_after_contact' => ['min', 'max'],
        'turns_after_seating' => ['min', 'max', '?reused'],
        'hand_tight' => [],
        'until_click' => [],
    ];

    /** @return list<string> */
    public static function keys(string $kind): array
    {
        return array_map(static fn (string $key): string => ltrim($key, '?'), self::KINDS[$kind] ?? []);
    }

    public static function at(Cursor $value): ?Tightening
    {
        $kind = $value->at('kind')->string(30);

        return match ($kind) {
            'torque' => $value->attempt(static fn (Cursor $at): Tightening => self::torque($at, self::reused($at))),
            'torque_stages' => $value->attempt(static fn (Cursor $at): Tightening => self::turnedOn(self::staged($at), $at)),
            'torque_angle' => $value->attempt(
                static fn (Cursor $at): Tightening => TorqueAndAngle::of(self::torque($at, null), self::angles($at)),
            ),
            'turns_after_contact' => $value->attempt(static fn (Cursor $at): Tightening => TurnsAfterContact::of(self::turns($at, 'min'), self::turns($at, 'max'))),
            'turns_after_seating' => $value->attempt(self::seating(...)),
            'hand_tight', 'until_click' => ByFeel::from($kind),
            default => self::unknown($value),
        };
    }

    private static function unknown(Cursor $value): null
    {
        $value->at('kind')->flaw('This must be one of: '.implode(', ', array_keys(self::KINDS)).'.');

        return null;
    }

    /** @throws ExpectedError if a figure or the unit is unusable */
    private static function torque(Cursor $at, ?TorqueTightening $reused): TorqueTightening
    {
        return TorqueTightening::of(self::figure($at, 'min'), self::figure($at, 'nominal'), self::figure($at, 'max'), self::thread($at), self::pattern($at), $reused);
    }

    /** @throws ExpectedError */
    private static function reused(Cursor $at): ?TorqueTightening
    {
        $reused = $at->at('reused');
        if ($reused->isNull()) {
            return null;
        }
        $reused->knowsOnly('min', 'nominal', 'max');
        $unit = TorqueUnit::of($at->at('unit')->string(10));
        $figure = static fn (string $key): Torque => Torque::of($reused->at($key)->string(20), $unit);

        return TorqueTightening::of($figure('min'), $figure('nominal'), $figure('max'), self::thread($at));
    }

    /** @throws ExpectedError */
    private static function turnedOn(StagedTorque $staged, Cursor $at): StagedTorque|TorqueAndAngle
    {
        if ($at->at('angle')->isNull()) {
            if (!$at->at('secondAngle')->isNull()) {
                $at->at('secondAngle')->flaw('There is no first angle before it.');
            }

            return $staged;
        }

        return TorqueAndAngle::of($staged, self::angles($at));
    }

    /** @return list<int> degrees */
    private static function angles(Cursor $at): array
    {
        $second = $at->at('secondAngle')->optionalInt(1, 360);

        return [$at->at('angle')->int(1, 360), ...(null === $second ? [] : [$second])];
    }

    /** @throws ExpectedError */
    private static function staged(Cursor $at): StagedTorque
    {
        $unit = TorqueUnit::of($at->at('unit')->string(10));
        $stages = array_map(static fn (Cursor $stage): Torque => Torque::of($stage->string(20), $unit), $at->at('stages')->list(2, 6));

        return StagedTorque::of($stages, self::figure($at, 'min'), self::figure($at, 'max'), self::thread($at), self::pattern($at));
    }

    /** @throws ExpectedError */
    private static function seating(Cursor $at): TurnsAfterSeating
    {
        $range = static fn (Cursor $turns): TurnsRange => TurnsRange::of('Turns after the washer seats', self::turns($turns, 'min'), self::turns($turns, 'max'));
        if (!$at->at('reused')->isNull()) {
            $at->at('reused')->knowsOnly('min', 'max');
        }

        return TurnsAfterSeating::of($range($at), $at->at('reused')->isNull() ? null : $range($at->at('reused')));
    }

    /** @throws ExpectedError */
    private static function figure(Cursor $at, string $key): Torque
    {
        return Torque::of($at->at($key)->string(20), TorqueUnit::of($at->at('unit')->string(10)));
    }

    /** @throws ExpectedError */
    private static function turns(Cursor $at, string $key): Turns
    {
        return Turns::of($at->at($key)->string(20));
    }

    private static function thread(Cursor $at): ThreadState
    {
        return $at->at('thread')->enum(ThreadState::class);
    }

    private static function pattern(Cursor $at): Pattern
    {
        return $at->at('pattern')->isNull() ? Pattern::Any : $at->at('pattern')->enum(Pattern::class);
    }
}
