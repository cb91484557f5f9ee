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

    public static function before(PlannedWork $work, string $position, Gate $gate): self
    {
        return self::at($gate, $work, $position, 'comes too early: it needs that '.$gate->text());
    }

    public static function behindCover(PlannedWork $work, string $position, Opening $opening): self
    {
        return self::at(Gate::Opened, $work, $position, \sprintf('lies behind the %s, which is not open', $opening->label()));
    }

    public static function openedAgain(PlannedWork $work, string $position, Opening $opening): self
    {
        return self::at(Gate::OpenedOnce, $work, $position, \sprintf('would open the %s a second time', $opening->label()));
    }

    public static function notOpen(PlannedWork $work, string $position, Opening $opening): self
    {
        return self::at(Gate::OpenedOnce, $work, $position, \sprintf('would close the %s, which is not open', $opening->label()));
    }

    public static function stillOpen(PlannedWork $work, string $position, Opening $opening): self
    {
        return self::at(Gate::Shut, $work, $position, \sprintf('comes too early: first close the %s', $opening->label()));
    }

    public static function hangsWrong(PlannedWork $work, string $position, Attitude $needed, Attitude $hangs): self
    {
        return self::at(Gate::Attitude, $work, $position, \sprintf('needs the engine %s, and it is %s', $needed->label(), $hangs->label()));
    }

    public static function restedTooShort(PlannedWork $work, string $position, int $missingMin): self
    {
        return self::at(Gate::Rested, $work, $position, \sprintf('comes %d min before the oil has rested', $missingMin));
    }

    public static function atTheEnd(string $position, Gate $gate): self
    {
        return new self($gate, \sprintf('At the end of the work on %s it is not so that %s.', $position, $gate->text()));
    }

    public static function leftOpen(string $position, Opening $opening): self
    {
        return new self(Gate::Shut, \sprintf('At the end of the work on %s the %s is still open.', $position, $opening->label()));
    }

    public function errorKey(): string
    {
        return 'plan.gate_broken';
    }

    private static function at(Gate $gate, PlannedWork $work, string $position, string $what): self
    {
        return new self($gate, \sprintf('"%s" (%s) %s.', $work->title, $position, $what));
    }
}
