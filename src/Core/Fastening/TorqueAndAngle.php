<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** To a torque first, in one stage or in several, then on by an angle, or by one and then by another. */
final readonly class TorqueAndAngle implements Tightening
{
    /** @param non-empty-list<int> $degrees */
    private function __construct(public TorqueTightening|StagedTorque $first, public array $degrees)
    {
    }

    /**
     * @param list<int> $degrees one angle, or two, each by which all are turned on
     *
     * @throws InvalidTightening unless each angle is 1 to 360 degrees
     */
    public static function of(TorqueTightening|StagedTorque $first, array $degrees): self
    {
        foreach ($degrees as $angle) {
            $angle >= 1 && $angle <= 360 || throw InvalidTightening::angle($angle);
        }

        return [] === $degrees ? throw InvalidTightening::angle(0) : new self($first, $degrees);
    }

    public function figure(): string
    {
        return $this->first->figure().implode('', array_map(static fn (int $angle): string => \sprintf(' + %d°', $angle), $this->degrees));
    }

    public function detail(): string
    {
        $detail = $this->first->detail();

        return \count($this->degrees) > 1 ? $detail.' · all by the first angle, then all by the second' : $detail;
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
        return $this->first->torque();
    }

    public function turns(): null
    {
        return null;
    }
}
