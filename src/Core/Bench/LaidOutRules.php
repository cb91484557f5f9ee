<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\PartUsed;

/** What may be said of a part that was laid out in case it is needed. */
final readonly class LaidOutRules
{
    /** @param HeldParts|null $held null: nobody asks, as in logs of before */
    public function __construct(private IssuedOrder $order, private BenchLog $log, private ?HeldParts $held)
    {
    }

    /** @throws InvalidEntry if it did not lie there, can't be on yet, or was said before */
    public function check(BenchStep $step, PartUsed $used): void
    {
        $work = $this->order->workOf($step);
        $parts = array_filter($this->order->laidOutAt($work), static fn (IssuedPart $part): bool => $used->number === $part->number);
        $part = array_values($parts)[0] ?? throw InvalidEntry::notLaidOut($used->number, $step->title);
        $before = $this->log->used($work, $used->number);
        null === $before || throw InvalidEntry::partSaidBefore($before->entry);
        if (0 === $used->count) {
            return;
        }
        $laidOut = self::laidOut($part, $work);
        if (null !== $laidOut && $used->count > $laidOut) {
            throw InvalidEntry::moreThanLaidOut($used->number, $used->count, $laidOut);
        }
        $missing = $this->held?->missing($step->label, [$used->number]) ?? [];
        [] === $missing || throw InvalidEntry::notYet(NotYet::notHeld($missing));
    }

    /** Pieces; null: nobody knows. */
    private static function laidOut(IssuedPart $part, IssuedWork $work): ?int
    {
        $counts = array_map(static fn (IssuedUse $use): ?int => $use->count, $part->at($work));

        return \in_array(null, $counts, true) ? null : array_sum($counts);
    }
}
