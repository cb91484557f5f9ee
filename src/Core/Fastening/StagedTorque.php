<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/** All fasteners to the first torque, then all to the next, up to the last, which has a range. */
final readonly class StagedTorque implements Tightening
{
    /** @param non-empty-list<Torque> $stages */
    private function __construct(public array $stages, public TorqueTightening $last)
    {
    }

    /**
     * @param list<Torque> $stages in their order; the last is the nominal figure
     *
     * @throws InvalidTightening unless there are two stages or more, each above the one before, the last in min … max
     */
    public static function of(array $stages, Torque $min, Torque $max, ThreadState $thread, Pattern $pattern): self
    {
        foreach ($stages as $index => $stage) {
            if ($index > 0 && $stages[$index - 1]->isAtLeast($stage)) {
                throw InvalidTightening::outOfOrder('The stages of a torque');
            }
        }
        $nominal = $stages[\count($stages) - 1] ?? null;
        if (null === $nominal || \count($stages) < 2) {
            throw InvalidTightening::tooFewStages();
        }

        return new self($stages, TorqueTightening::of($min, $nominal, $max, $thread, $pattern));
    }

    /** @return list<Torque> the stages that a wrench for the last can't be trusted at: they lie below a fifth of its least scale */
    public function below(?TorqueWrench $wrench): array
    {
        $least = ($wrench->fullScale ?? $this->last->nominal)->fifth();

        return array_values(array_filter($this->stages, static fn (Torque $stage): bool => !$stage->isAtLeast($least)));
    }

    public function figure(): string
    {
        return implode(' → ', array_map(static fn (Torque $stage): string => $stage->given, $this->stages)).' '.$this->last->nominal->unit->symbol();
    }

    public function detail(): string
    {
        return \sprintf('%d stages, the last %s', \count($this->stages), $this->last->detail());
    }

    public function usedAgain(): self
    {
        return $this;
    }

    public function entryKind(): string
    {
        return 'torque';
    }

    public function torque(): TorqueTightening
    {
        return $this->last;
    }

    public function turns(): null
    {
        return null;
    }
}
