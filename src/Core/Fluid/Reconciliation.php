<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Volume;

/** Oil that was opened against what was poured and what is left: what is missing went somewhere. */
final readonly class Reconciliation
{
    /** What clings to jug and funnel, and what a scale on a bottle can't show. */
    private const TOLERANCE_ML = 50;
    private const TOLERANCE_PERCENT = 2;

    /** @param string $oil grade and class */
    public function __construct(public string $oil, public Volume $opened, public Volume $poured, public Volume $leftOver)
    {
    }

    /** Millilitres that nobody can account for; below zero: more came out than was opened. */
    public function missingMl(): int
    {
        return $this->opened->millilitresDown() - $this->poured->millilitresUp() - $this->leftOver->millilitresUp();
    }

    /** The larger of the two tolerances, met exactly, still balances. */
    public function balances(): bool
    {
        return abs($this->missingMl()) <= max(self::TOLERANCE_ML, intdiv($this->opened->millilitresDown() * self::TOLERANCE_PERCENT, 100));
    }

    public function text(): string
    {
        $sum = \sprintf('%s: %d ml opened, %d ml poured, %d ml left over', $this->oil, $this->opened->millilitresDown(), $this->poured->millilitresUp(), $this->leftOver->millilitresUp());

        return match (true) {
            $this->balances() => $sum.': it balances.',
            $this->missingMl() > 0 => \sprintf('%s: %d ml are missing. Either it was spilled, or more was poured than was entered.', $sum, $this->missingMl()),
            default => \sprintf('%s: %d ml more than was opened. Either another container was opened, or less was poured than was entered.', $sum, -$this->missingMl()),
        };
    }
}
