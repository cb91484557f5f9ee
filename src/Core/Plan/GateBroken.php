<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\ExpectedError;

final class GateBroken extends \DomainException implements ExpectedError
{
    private function __construct(public readonly Gate $gate, string $message)
    {
        parent::__construct($message);
    }

    public static function before(PlannedWork $work, Gate $gate): self
    {
        return self::at($gate, $work, 'comes too early: it needs that '.$gate->text());
    }

    public static function behindCover(PlannedWork $work, Opening $opening): self
    {
        return self::at(Gate::Opened, $work, \sprintf('lies behind the %s, which is not open', $opening->label()));
    }

    public static function openedAgain(PlannedWork $work, Opening $opening): self
    {
        return self::at(Gate::OpenedOnce, $work, \sprintf('would open the %s a second time', $opening->label()));
    }

    public static function notOpen(PlannedWork $work, Opening $opening): self
    {
        return self::at(Gate::OpenedOnce, $work, \sprintf('would close the %s, which is not open', $opening->label()));
    }

    public static function stillOpen(PlannedWork $work, Opening $opening): self
    {
        return self::at(Gate::Shut, $work, \sprintf('comes too early: first close the %s', $opening->label()));
    }

    public static function hangsWrong(PlannedWork $work, Attitude $needed, Attitude $hangs): self
    {
        return self::at(Gate::Attitude, $work, \sprintf('needs the engine %s, and it is %s', $needed->label(), $hangs->label()));
    }

    public static function restedTooShort(PlannedWork $work, int $missingMin): self
    {
        return self::at(Gate::Rested, $work, \sprintf('comes %d min before the oil has rested', $missingMin));
    }

    /** Nobody stays by the engine, or the one who should is elsewhere. */
    public static function leftRunning(PlannedWork $work, PlannedWork $elsewhere): self
    {
        return self::at(
            Gate::Attended,
            $work,
            \sprintf('leaves the engine running while "%s" (%s) is done', $elsewhere->title, self::where($elsewhere)),
        );
    }

    public static function unattended(PlannedWork $work): self
    {
        return self::at(Gate::Attended, $work, 'leaves the engine running with nobody by it');
    }

    public static function between(Gate $gate, PlannedWork $first, PlannedWork $comes): self
    {
        return self::at($gate, $comes, \sprintf('comes between: after "%s" it must be that %s', $first->title, $gate->text()));
    }

    public static function late(Gate $gate, PlannedWork $first, PlannedWork $second): self
    {
        return self::at($gate, $second, \sprintf('does not follow "%s" at once: it must be that %s', $first->title, $gate->text()));
    }

    public static function meanwhile(Gate $gate, PlannedWork $work, PlannedWork $other): self
    {
        return self::at(
            $gate,
            $work,
            \sprintf('can\'t be done while "%s" (%s) goes on: it must be that %s', $other->title, self::where($other), $gate->text()),
        );
    }

    public static function waitsForNothing(PlannedWork $work, string $open, PlannedWork $closing): self
    {
        return self::at(
            Gate::ClosedNext,
            $work,
            \sprintf('comes between: it does not need the %s, which is open, so "%s" comes first', $open, $closing->title),
        );
    }

    public static function attitudeNotSaid(PlannedWork $work): self
    {
        return self::at(Gate::AttitudeSaid, $work, 'does not say how the engine hangs for it, or that any way will do');
    }

    public static function atTheEnd(Position $position, Gate $gate): self
    {
        return new self($gate, \sprintf('At the end of the work on %s one thing is missing: %s.', $position->value, $gate->text()));
    }

    public static function leftOpen(Position $position, Opening $opening): self
    {
        return new self(Gate::Shut, \sprintf('At the end of the work on %s the %s is still open.', $position->value, $opening->label()));
    }

    public function errorKey(): string
    {
        return 'plan.gate_broken';
    }

    private static function at(Gate $gate, PlannedWork $work, string $what): self
    {
        return new self($gate, \sprintf('"%s" (%s) %s.', $work->title, self::where($work), $what));
    }

    private static function where(PlannedWork $work): string
    {
        return $work->position->value ?? 'rig';
    }
}
