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
        if ($this->order->asksByPlace($work, $part)) {
            throw InvalidEntry::saidByPlace($used->number);
        }
        $before = $this->log->used($work, $used->number);
        null === $before || throw InvalidEntry::partSaidBefore($before->entry);
        if (0 === $used->count) {
            return;
        }
        $laidOut = $part->laidOut($work);
        if (null !== $laidOut && $used->count > $laidOut) {
            throw InvalidEntry::moreThanLaidOut($used->number, $used->count, $laidOut);
        }
        $missing = $this->held?->missing($step->label, [$used->number]) ?? [];
        [] === $missing || throw InvalidEntry::notYet(NotYet::notHeld($missing));
    }
}
