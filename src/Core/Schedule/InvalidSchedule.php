<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\ExpectedError;

final class InvalidSchedule extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function noLimit(): self
    {
        return new self('schedule.no_limit', 'An interval needs hours, months or both.');
    }

    public static function noHours(): self
    {
        return new self('schedule.no_hours', 'An interval of 0 h is due all the time. Give the hours, or leave them out.');
    }

    public static function months(int $months): self
    {
        return new self('schedule.months', \sprintf('An interval of %d months is outside 1 to 240.', $months));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
