<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;

/** One torque, with what it assumes: the thread, the pattern, and another figure where a crushed washer is used again. */
final readonly class TorqueTightening implements Tightening
{
    private function __construct(public Torque $min, public Torque $nominal, public Torque $max, public ThreadState $thread, public Pattern $pattern, public ?self $reused)
    {
    }

    /**
     * @param self|null $reused the figure for a crushed washer used again
     *
     * @throws InvalidTightening unless min ≤ nominal ≤ max
     */
    public static function of(Torque $min, Torque $nominal, Torque $max, ThreadState $thread, Pattern $pattern = Pattern::Any, ?self $reused = null): self
    {
        return $nominal->isAtLeast($min) && $max->isAtLeast($nominal)
            ? new self($min, $nominal, $max, $thread, $pattern, $reused)
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
        $reused = null === $this->reused ? null : \sprintf('washer used again: %s (%s)', $this->reused->figure(), $this->reused->range());

        return implode(' · ', array_filter([$this->range(), $this->nominal->converted(), $this->thread->label(), $this->pattern->told(), $reused], \is_string(...)));
    }

    public function usedAgain(): self
    {
        return $this->reused ?? $this;
    }

    public function entryKind(): string
    {
        return 'torque';
    }

    public function torque(): self
    {
        return $this;
    }

    public function turns(): null
    {
        return null;
    }
}
