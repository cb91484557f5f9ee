<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\PartUsed;
use FreshTack\Core\Bench\Said\Settled;
use FreshTack\Core\Fastening\InvalidTightening;

/** What speaks against an entry: its time, a gate, a part that was not held, a figure that can't be. */
final readonly class Objections
{
    /** @param ShopSide|null $shop null: nobody asks for wrench and part, as in logs of before */
    public function __construct(private IssuedOrder $order, private BenchLog $log, private ?ShopSide $shop)
    {
    }

    public function to(Entry $entry, BenchStep $step): InvalidEntry|InvalidTightening|null
    {
        try {
            $this->log->clock()->check($entry, $step, $this->order->issuedAt);
            $used = $entry->content->as(PartUsed::class);
            if (null !== $used) {
                (new LaidOutRules($this->order, $this->log, $this->shop?->held))->check($step, $used);
                $this->checkMayBeOn($entry, $step, $used);
            }
            $settled = $entry->content->as(Settled::class);
            if (null !== $settled) {
                $this->checkFinding($settled);
            }
            $this->checkRenewed($entry, $step);
            if ($entry->content->kind->isWork()) {
                $this->checkFilled($entry, $step);
                $this->checkGates($entry, $step);
                (new EntryRules($this->order, $this->shop?->wrenches))->check($this->log, $step, $entry->content);
            }
        } catch (InvalidEntry|InvalidTightening $objection) {
            return $objection;
        }

        return null;
    }

    /** @throws InvalidEntry if nothing in the log is meant */
    private function checkFinding(Settled $settled): void
    {
        foreach ($this->log->findings() as $finding) {
            if ($finding->isMeantBy($settled)) {
                return;
            }
        }
        throw InvalidEntry::unknownFinding();
    }

    /** @throws InvalidEntry if a new one went on that nobody has held against its engine */
    private function checkRenewed(Entry $entry, BenchStep $step): void
    {
        $measured = $entry->content->as(Measured::class);
        $used = null === $measured ? [] : $this->order->usedAt($step, $measured, $entry);
        $numbers = array_column(array_filter($used, static fn (UsedPart $part): bool => $part->count > 0), 'number');
        $missing = $this->shop?->held->missing($step->label, $numbers) ?? [];
        [] === $missing || throw InvalidEntry::notYet(NotYet::notHeld($missing));
    }

    /** @throws InvalidEntry if its operation has not begun, and may not */
    private function checkMayBeOn(Entry $entry, BenchStep $step, PartUsed $used): void
    {
        $work = $this->order->workOf($step);
        $notYet = 0 === $used->count || $this->log->rig()->hasBegun($work)
            ? null
            : $this->log->gates()->before($step, [], $entry->hands(), $this->log->clock()->of($entry));
        null === $notYet || throw InvalidEntry::notYet($notYet);
    }

    /** A part that nobody has held against its engine is not fitted. */
    public function notHeld(BenchStep $step): ?NotYet
    {
        $work = $this->order->workOf($step);
        if (null === $this->shop || !$work->isAsked || $this->log->rig()->hasBegun($work)) {
            return null;
        }
        $missing = $this->shop->held->missing($step->label, $this->order->fittedBy($work));

        return [] === $missing ? null : NotYet::notHeld($missing);
    }

    /** @throws InvalidEntry */
    private function checkGates(Entry $entry, BenchStep $step): void
    {
        $effects = BenchState::effects($step, $entry->content->kind);
        $notYet = $this->log->gates()->before($step, $effects, $entry->hands(), $this->log->clock()->of($entry)) ?? $this->notHeld($step);
        null === $notYet || throw InvalidEntry::notYet($notYet);
    }

    /** @throws InvalidEntry if oil was poured at this step before: more goes in as a top-up, after a reading */
    private function checkFilled(Entry $entry, BenchStep $step): void
    {
        if ('poured' !== $step->entry || EntryKind::Poured !== $this->log->answer($step->id)?->kind) {
            return;
        }
        $standing = array_filter(
            $this->log->entries,
            static fn (Entry $each): bool => $each->stepId === $step->id && EntryKind::Poured === $each->content->kind,
        );
        throw InvalidEntry::filledBefore(array_values($standing)[0] ?? $entry);
    }
}
