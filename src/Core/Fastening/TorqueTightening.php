<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

final readonly class TorqueTightening implements Tightening
{
    private function __construct(public Torque $min, public Torque $nominal, public Torque $max, public ThreadState $thread)
    {
    }

    /** @throws InvalidTightening unless min ≤ nominal ≤ max */
    public static function of(Torque $min, Torque $nominal, Torque $max, ThreadState $thread): self
    {
        return $nominal->isAtLeast($min) && $max->isAtLeast($nominal)
            ? new self($min, $nominal, $max, $thread)
            : throw InvalidTightening::outOfOrder('Minimum, nominal and maximum torque');
    }

    /** @throws InvalidTightening if the torque lies outside the range; its limits are inside */
    public function accept(Torque $used): void
    {
        if (!$used->isAtLeast($this->min) || !$this->max->isAtLeast($used)) {
            throw InvalidTightening::torqueOutside($used->asGiven(), $this);
        }
    }

    public function range(): string
    {
        return \sprintf('%s – %s', $this->min->given, $this->max->asGiven());
    }

    public function figure(): string
    {
        return $this->nominal->asGiven();
    }

    public function detail(): string
    {
        return \sprintf('%s · %s · %s', $this->range(), $this->nominal->converted(), $this->thread->label());
    }

    public function entryKind(): string
    {
        return 'torque';
    }
}
