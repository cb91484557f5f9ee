<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Tightened;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Fastening\WrenchChooser;

/** With which of the shop's torque wrenches a figure is reached, and what has to be said of another. */
final readonly class WrenchRules
{
    /** What is entered for one that is not the shop's. */
    public const OTHER = 'another torque wrench';

    /** @param list<TorqueWrench> $wrenches the shop's */
    public function __construct(private array $wrenches, private \DateTimeImmutable $day)
    {
    }

    /** @return list<string> all that may be named, one that is not the shop's last */
    public function names(): array
    {
        return [...array_map(static fn (TorqueWrench $wrench): string => $wrench->name(), $this->wrenches), self::OTHER];
    }

    /** @return list<string> those that hold the figure and are in calibration, the one that an order chooses first */
    public function fitting(TorqueTightening $tightening): array
    {
        $chosen = (new WrenchChooser($this->wrenches))->choose($tightening, $this->day)->wrench?->name();
        $fitting = array_filter($this->wrenches, fn (TorqueWrench $wrench): bool => $this->isFitting($wrench, $tightening));
        $names = array_values(array_map(static fn (TorqueWrench $wrench): string => $wrench->name(), $fitting));
        usort($names, static fn (string $a, string $b): int => ($b === $chosen) <=> ($a === $chosen));

        return $names;
    }

    private function isFitting(TorqueWrench $wrench, TorqueTightening $tightening): bool
    {
        return $wrench->holds($tightening) && $wrench->isCalibrated($this->day);
    }

    /** @throws InvalidEntry if the wrench can't have reached the torque, or is another than it should be and nobody says why */
    public function check(BenchStep $step, Tightened $entered): void
    {
        $figure = $step->tightening?->torque();
        if (null === $figure || \in_array($entered->wrench, $this->fitting($figure), true)) {
            return;
        }
        $named = static fn (TorqueWrench $each): bool => $entered->wrench === $each->name();
        $wrench = array_values(array_filter($this->wrenches, $named))[0] ?? null;
        if (null === $wrench && self::OTHER !== $entered->wrench) {
            throw InvalidEntry::unknownWrench($entered->wrench);
        }
        if (null !== $wrench && !$wrench->fullScale->isAtLeast($entered->torque)) {
            throw InvalidEntry::wrenchTooSmall($wrench->name(), $entered->torque->asGiven());
        }
        if ('' === trim($entered->reason)) {
            throw InvalidEntry::wrenchWithoutReason($this->flaw($wrench, $figure));
        }
    }

    private function flaw(?TorqueWrench $wrench, TorqueTightening $figure): string
    {
        return match (true) {
            null === $wrench => 'It is not one of the shop\'s.',
            !$wrench->isCalibrated($this->day) => $wrench->overdue(),
            default => \sprintf('It can\'t be set to all of %s within 20 to 100 %% of its scale.', $figure->range()),
        };
    }
}
