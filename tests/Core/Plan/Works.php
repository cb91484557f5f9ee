<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineWorks;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;

/** Small works of one engine to plan by hand. */
final class Works
{
    /**
     * @param list<Effect>  $effects
     * @param list<Opening> $openings
     */
    public static function one(string $id, int $rank = 0, array $effects = [], ?Opening $opens = null, ?Opening $closes = null, array $openings = [], int $minutes = 5, int $wait = 0, bool $movable = false, bool $warm = false, bool $afterRun = false, Lockout $lockout = Lockout::Any, ?Attitude $attitude = null): PlannedWork
    {
        return new PlannedWork('port.'.$id, 'port', ucfirst($id), $effects, $opens, $closes, $openings, $attitude, $lockout, false, $warm, $minutes, $wait, rank: $rank, movable: $movable, afterRun: $afterRun);
    }

    public static function modes(): ModeChanges
    {
        $change = static fn (string $id, Effect $effect): PlannedWork => self::one($id, effects: [$effect], minutes: 1);

        return new ModeChanges(
            $change('lock-out', Effect::LockedOut),
            $change('unlock', Effect::LockoutLifted),
            $change('hand-back', Effect::LockoutLifted),
            [Attitude::TiltedUp->value => $change('tilt', Effect::SetTiltedUp), Attitude::Vertical->value => $change('lower', Effect::SetVertical)],
        );
    }

    /**
     * @param list<PlannedWork>                 $works
     * @param list<array{string, string}> $moves ids without the engine
     */
    public static function engine(array $works, array $moves = []): EngineWorks
    {
        return new EngineWorks('port', $works, self::modes(), array_map(static fn (array $move): HandMove => new HandMove('port.'.$move[0], 'port.'.$move[1]), $moves));
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return list<string> ids without the engine, each time of a work with its number
     */
    public static function ids(array $works): array
    {
        return array_map(static fn (PlannedWork $work): string => substr($work->idOfTime(), 5), $works);
    }
}
