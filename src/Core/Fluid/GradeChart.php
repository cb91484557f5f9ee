<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class GradeChart
{
    /** @var list<GradeRange> */
    public array $ranges;

    public function __construct(GradeRange ...$ranges)
    {
        $this->ranges = array_values($ranges);
    }

    /**
     * One grade for the whole span of air: the sheet's preferred one if it fits, then the shop's, then the first
     * in the sheet's own order. Never two grades in one engine.
     *
     * @param list<string> $shopPrefers grades, the most liked first
     */
    public function choose(AirRange $air, array $shopPrefers): ?GradeChoice
    {
        $fitting = array_values(array_filter($this->ranges, static fn (GradeRange $range): bool => $range->covers($air)));
        foreach ($fitting as $range) {
            if ($range->preferred) {
                return new GradeChoice($range, 'the sheet prefers it');
            }
        }
        foreach ($shopPrefers as $grade) {
            foreach ($fitting as $range) {
                if ($range->grade === $grade) {
                    return new GradeChoice($range, 'of those that fit, the shop prefers it');
                }
            }
        }

        return [] === $fitting ? null : new GradeChoice($fitting[0], 'the first that fits in the sheet\'s chart');
    }

    public function text(): string
    {
        return implode('; ', array_map(static fn (GradeRange $range): string => \sprintf('%s from %s to %s', $range->grade, $range->from->text(), $range->to->text()), $this->ranges));
    }
}
