<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Turned on by hand until the gasket touches, then on by a part of a turn. */
final readonly class TurnsAfterContact implements Tightening
{
    private function __construct(public Turns $min, public Turns $max)
    {
    }

    /** @throws InvalidTightening unless min ≤ max */
    public static function of(Turns $min, Turns $max): self
    {
        return $max->isAtLeast($min) ? new self($min, $max) : throw InvalidTightening::outOfOrder('Turns after contact');
    }

    /** @throws InvalidTightening if the turns lie outside the range; its limits are inside */
    public function accept(Turns $used): void
    {
        if (!$used->isAtLeast($this->min) || !$this->max->isAtLeast($used)) {
            throw InvalidTightening::turnsOutside($used->text(), $this);
        }
    }

    public function figure(): string
    {
        return $this->min->text() === $this->max->text() ? $this->min->text().' turn' : \sprintf('%s – %s turn', $this->min->text(), $this->max->text());
    }

    public function detail(): string
    {
        return 'counted from where the gasket first touches';
    }

    public function entryKind(): string
    {
        return 'turns';
    }
}
