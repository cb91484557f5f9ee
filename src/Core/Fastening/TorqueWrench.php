<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/** A torque wrench of the shop. It is trusted from a fifth of its full scale up. */
final readonly class TorqueWrench
{
    /** For how long a calibration counts if nobody says otherwise. */
    public const USUAL_MONTHS = 12;

    /** @param int $goodMonths for how long its calibration counts: less where it is used daily */
    public function __construct(
        public string $id,
        public Torque $fullScale,
        public \DateTimeImmutable $calibratedOn,
        public int $goodMonths = self::USUAL_MONTHS,
    ) {
    }

    /** Whether it can be set to every figure from the least to the most that is allowed. */
    public function holds(TorqueTightening $tightening): bool
    {
        return $this->reaches($tightening->min) && $this->reaches($tightening->max);
    }

    /** Whether it can be set to this figure and be trusted. */
    public function reaches(Torque $figure): bool
    {
        return $figure->isAtLeast($this->fullScale->fifth()) && $this->fullScale->isAtLeast($figure);
    }

    /** The last day of its time still counts. */
    public function isCalibrated(\DateTimeImmutable $day): bool
    {
        return $this->calibratedOn->modify(\sprintf('+%d months', $this->goodMonths)) >= $day;
    }

    /** What is wrong with it once its time is over. */
    public function overdue(): string
    {
        return \sprintf(
            'Its calibration of %s is older than %s.',
            $this->calibratedOn->format('j M Y'),
            self::USUAL_MONTHS === $this->goodMonths ? 'a year' : $this->goodMonths.(1 === $this->goodMonths ? ' month' : ' months'),
        );
    }

    public function name(): string
    {
        return \sprintf('%s, %s–%s', $this->id, $this->fullScale->fifth()->given, $this->fullScale->asGiven());
    }
}
