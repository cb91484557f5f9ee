<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Picks the torque wrench for a figure: one in calibration first, then the smallest, which reads finest. */
final readonly class WrenchChooser
{
    /** @param list<TorqueWrench> $wrenches the shop's */
    public function __construct(private array $wrenches)
    {
    }

    public function choose(TorqueTightening $tightening, \DateTimeImmutable $day): WrenchChoice
    {
        $fitting = array_values(array_filter($this->wrenches, static fn (TorqueWrench $wrench): bool => $wrench->holds($tightening)));
        usort($fitting, static fn (TorqueWrench $a, TorqueWrench $b): int => [$b->isCalibrated($day), $a->fullScale->isAtLeast($b->fullScale), $a->id] <=> [$a->isCalibrated($day), $b->fullScale->isAtLeast($a->fullScale), $b->id]);
        $wrench = $fitting[0] ?? null;

        return match (true) {
            null === $wrench => new WrenchChoice(null, 'None of the shop\'s torque wrenches holds this within 20 to 100 % of its scale.'),
            !$wrench->isCalibrated($day) => new WrenchChoice($wrench, $wrench->overdue()),
            default => new WrenchChoice($wrench, null),
        };
    }
}
