<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/** A torque wrench of the shop. It is trusted from a fifth of its full scale up. */
final readonly class TorqueWrench
{
    private const MONTHS_TRUSTED = 12;

    public function __construct(public string $id, public Torque $fullScale, public \DateTimeImmutable $calibratedOn)
    {
    }

    /** Whether it can be set to every figure from the least to the most that is allowed. */
    public function holds(TorqueTightening $tightening): bool
    {
        return $tightening->min->isAtLeast($this->fullScale->fifth()) && $this->fullScale->isAtLeast($tightening->max);
    }

    /** Calibrated a year ago to the day still counts. */
    public function isCalibrated(\DateTimeImmutable $day): bool
    {
        return $this->calibratedOn->modify(\sprintf('+%d months', self::MONTHS_TRUSTED)) >= $day;
    }

    public function name(): string
    {
        return \sprintf('%s, %s–%s', $this->id, $this->fullScale->fifth()->given, $this->fullScale->asGiven());
    }
}
