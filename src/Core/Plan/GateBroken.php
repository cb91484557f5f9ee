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
        return new self($gate, \sprintf('"%s" (%s) comes too early: it needs that %s.', $work->title, $position, $gate->text()));
    }

    public static function atTheEnd(string $position, Gate $gate): self
    {
        return new self($gate, \sprintf('At the end of the work on %s it is not so that %s.', $position, $gate->text()));
    }

    public function errorKey(): string
    {
        return 'plan.gate_broken';
    }
}
