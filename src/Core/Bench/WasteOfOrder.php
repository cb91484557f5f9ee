<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Amount;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\Task;

/** What the work of an order leaves to be got rid of. */
final readonly class WasteOfOrder
{
    public function __construct(private IssuedOrder $order, private BenchLog $log)
    {
    }

    /** @return array<string, int> at how many engines something was done that leaves it, by kind; only what there is */
    public function engines(): array
    {
        $begun = [];
        foreach ($this->order->rig->positions as $position) {
            foreach ($this->log->outcomes()->tasks($position) as $outcome) {
                if (\in_array($outcome->outcome, [Outcome::Done, Outcome::Partly], true)) {
                    $begun[] = $outcome->task->task;
                }
            }
        }
        $engines = [];
        foreach (WasteKind::cases() as $kind) {
            $count = \count(array_filter($begun, static fn (Task $task): bool => \in_array($task, $kind->tasks(), true)));
            $engines = 0 === $count ? $engines : [...$engines, $kind->value => $count];
        }

        return $engines;
    }

    /** As far as it was measured; null: nobody measured any. */
    public function drainedOil(): ?Volume
    {
        $sum = null;
        foreach ($this->order->steps as $step) {
            $content = $this->log->answer($step->id);
            $drained = $content?->as(Seen::class)->drained
                ?? (EntryKind::TakenOut === $content?->kind ? $content->as(Amount::class)?->volume : null);
            $sum = null === $drained ? $sum : ($sum?->plus($drained) ?? $drained);
        }

        return $sum;
    }

    /** @return list<string> in sentences: what was written down, and of what nobody said where it went */
    public function told(Release $release): array
    {
        $told = array_map(static fn (Waste $waste): string => $waste->asText(), $release->waste);
        $said = array_map(static fn (Waste $waste): string => $waste->kind->value, $release->waste);
        foreach (array_diff(array_keys($this->engines()), $said) as $kind) {
            $told[] = WasteKind::from($kind)->label().': nobody wrote down where it went.';
        }

        return $told;
    }
}
