<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\ReaderDocument;

/** What an engine told a reader. */
final readonly class ReaderReport
{
    private const IDLING_UP_TO_RPM = 1000;
    private const MOSTLY_PERCENT = 50;

    /**
     * @param list<array{from: int, to: int, percent: int}>       $bands  share of the time per band of speed, in revolutions a minute
     * @param list<array{code: string, text: string, count: int}> $faults
     */
    public function __construct(public string $serial, public \DateTimeImmutable $on, public EngineHours $hours, public array $bands, public array $faults)
    {
    }

    /** @throws InvalidDocument with all that makes no sense */
    public static function read(string $json): self
    {
        $told = ReaderDocument::read($json);

        return new self($told['serial'], $told['on'], $told['hours'], $told['bands'], $told['faults']);
    }

    /** Whether at least half of the time was spent below 1,000 revolutions a minute. */
    public function isMostlyIdling(): bool
    {
        $slow = array_filter($this->bands, static fn (array $band): bool => $band['to'] <= self::IDLING_UP_TO_RPM);

        return array_sum(array_column($slow, 'percent')) >= self::MOSTLY_PERCENT;
    }

    public function isSameAs(self $other): bool
    {
        return [$this->serial, $this->on->format('Y-m-d'), $this->hours->tenths, $this->bands, $this->faults] === [$other->serial, $other->on->format('Y-m-d'), $other->hours->tenths, $other->bands, $other->faults];
    }
}
