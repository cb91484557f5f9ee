<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** To a torque first, then on by an angle. */
final readonly class TorqueAndAngle implements Tightening
{
    private function __construct(public TorqueTightening $first, public int $degrees)
    {
    }

    /** @throws InvalidTightening unless the angle is 1 to 360 degrees */
    public static function of(TorqueTightening $first, int $degrees): self
    {
        return $degrees >= 1 && $degrees <= 360 ? new self($first, $degrees) : throw InvalidTightening::angle($degrees);
    }

    public function figure(): string
    {
        return \sprintf('%s + %d°', $this->first->figure(), $this->degrees);
    }

    public function detail(): string
    {
        return $this->first->detail();
    }

    public function entryKind(): string
    {
        return 'torque';
    }

    public function torque(): TorqueTightening
    {
        return $this->first;
    }

    public function turns(): null
    {
        return null;
    }
}
