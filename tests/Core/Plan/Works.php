<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Changes;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineWorks;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Hands;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\Needs;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Standing;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Plan\Zone;

/** Small works to plan by hand. */
final class Works
{
    /**
     * What a work is called says what it does: an effect, `+` and what it opens, `-` and what it closes; several are
     * joined by a blank.
     */
    public static function of(string $does, ?Position $position = Position::Port): PlannedWork
    {
        $effects = [];
        $opens = $closes = null;
        foreach (explode(' ', $does) as $word) {
            if (str_starts_with($word, '+')) {
                $opens = Opening::from(substr($word, 1));
            } elseif (str_starts_with($word, '-')) {
                $closes = Opening::from(substr($word, 1));
            } elseif (null !== Effect::tryFrom($word)) {
                $effects[] = Effect::from($word);
            }
        }
        $covered = null === $opens && null === $closes ? Lockout::Any : Lockout::Locked;

        return new PlannedWork(
            new WorkId($position, $does),
            $does,
            new Needs(Opening::Panel === $opens ? [Opening::Cowl] : [], gates: [Gate::AttitudeSaid], lockout: $covered),
            new Changes($effects, $opens, $closes),
            new Hands(5),
        );
    }

    /** @param list<Opening> $open */
    public static function needing(
        PlannedWork $work,
        array $open = [],
        ?Attitude $attitude = null,
        Lockout $lockout = Lockout::Any,
        int $restMin = 0,
        ?Gate $gate = null,
    ): PlannedWork {
        $gates = null === $gate ? $work->needs->gates : [$gate, ...$work->needs->gates];

        return self::with($work, new Needs($open, [], $gates, $attitude, $lockout, $restMin));
    }

    public static function taking(
        PlannedWork $work,
        int $minutes,
        int $presence = 0,
        int $wait = 0,
        Zone $zone = Zone::Powerhead,
        int $people = 1,
    ): PlannedWork {
        return self::with($work, new Hands($minutes, $presence, $wait, $people, $zone));
    }

    public static function standing(
        PlannedWork $work,
        int $rank = 0,
        bool $warm = false,
        bool $afterRun = false,
        string $together = '',
        string $chain = '',
    ): PlannedWork {
        return self::with($work, new Standing($chain, $rank, afterRun: $afterRun, warm: $warm, together: $together));
    }

    private static function with(PlannedWork $work, Needs|Hands|Standing $part): PlannedWork
    {
        return new PlannedWork(
            $work->id,
            $work->title,
            $part instanceof Needs ? $part : $work->needs,
            $work->changes,
            $part instanceof Hands ? $part : $work->hands,
            $part instanceof Standing ? $part : $work->standing,
        );
    }

    public static function modes(Position $position = Position::Port): ModeChanges
    {
        $change = static fn (string $does): PlannedWork => self::taking(self::of($does, $position), 1, zone: Zone::Whole);

        return new ModeChanges($change('locked_out'), $change('lockout_lifted'), $change('lockout_lifted hand-back'), [
            Attitude::TiltedUp->value => $change('powered set_tilted_up locked_out'),
            Attitude::Vertical->value => $change('powered set_vertical locked_out'),
        ]);
    }

    /** @param list<PlannedWork> $works */
    public static function engine(array $works, Position $position = Position::Port): EngineWorks
    {
        return new EngineWorks($position, $works, self::modes($position));
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return list<string>
     */
    public static function names(array $works): array
    {
        return array_map(static fn (PlannedWork $work): string => $work->title, $works);
    }
}
