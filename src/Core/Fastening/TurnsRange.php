<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** From so many turns to so many, both included. */
final readonly class TurnsRange
{
    private function __construct(public Turns $min, public Turns $max)
    {
    }

    /** @throws InvalidTightening unless min ≤ max */
    public static function of(string $what, Turns $min, Turns $max): self
    {
        return $max->isAtLeast($min) ? new self($min, $max) : throw InvalidTightening::outOfOrder($what);
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
}
