<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/**
 * Picks the torque wrench for a figure: one in calibration first, then the smallest, which reads finest. It holds a figure
 * if it can be set to all that is allowed, from the least to the most; where none can, one that reaches the aim is named
 * and what it lacks is said.
 */
final readonly class WrenchChooser
{
    /** @param list<TorqueWrench> $wrenches the shop's */
    public function __construct(private array $wrenches)
    {
    }

    public function choose(TorqueTightening $tightening, \DateTimeImmutable $day): WrenchChoice
    {
        $holding = $this->best(static fn (TorqueWrench $wrench): bool => $wrench->holds($tightening), $day);
        $aiming = null === $holding ? $this->best(
            static fn (TorqueWrench $wrench): bool => $wrench->reaches($tightening->nominal),
            $day,
        ) : null;

        return match (true) {
            null !== $holding => new WrenchChoice($holding, $holding->isCalibrated($day) ? null : $holding->overdue()),
            null !== $aiming => new WrenchChoice($aiming, \sprintf(
                'It reaches the aim, but not all of %s.%s',
                $tightening->range(),
                $aiming->isCalibrated($day) ? '' : ' '.$aiming->overdue(),
            )),
            default => self::none(),
        };
    }

    /** For one figure alone, such as the first of several stages, or the setting with a crowfoot on. */
    public function forFigure(Torque $figure, \DateTimeImmutable $day): WrenchChoice
    {
        $wrench = $this->best(static fn (TorqueWrench $wrench): bool => $wrench->reaches($figure), $day);

        return null === $wrench ? self::none() : new WrenchChoice($wrench, $wrench->isCalibrated($day) ? null : $wrench->overdue());
    }

    private static function none(): WrenchChoice
    {
        return new WrenchChoice(null, 'None of the shop\'s torque wrenches holds this within 20 to 100 % of its scale.');
    }

    /** @param \Closure(TorqueWrench): bool $fits */
    private function best(\Closure $fits, \DateTimeImmutable $day): ?TorqueWrench
    {
        $fitting = array_values(array_filter($this->wrenches, $fits));
        usort(
            $fitting,
            static fn (TorqueWrench $a, TorqueWrench $b): int => [
                $b->isCalibrated($day),
                $a->fullScale->isAtLeast($b->fullScale),
                $a->id,
            ] <=> [$a->isCalibrated($day), $b->fullScale->isAtLeast($a->fullScale), $b->id],
        );

        return $fitting[0] ?? null;
    }
}
