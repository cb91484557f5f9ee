<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Amount;
use FreshTack\Core\Bench\Said\Counted;
use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Bench\Said\Tightened;
use FreshTack\Core\Bench\Said\Turned;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;

/** What the figures of an entry must be: those of its sheet, of what was pulled, and of the readings before it. */
final readonly class EntryRules
{
    /** Less than this an order tells in fluid ounces, and nobody takes them for quarts, in millilitres. */
    private const TOLD_IN_QUARTS_ML = 1000;
    /** A figure this close to the one expected, in per cent, is that figure. */
    private const SAME_PERCENT = 1;

    /** @param WrenchRules|null $wrenches null: nobody asks for the wrench, as in logs of before */
    public function __construct(private IssuedOrder $order, private ?WrenchRules $wrenches)
    {
    }

    /** @throws InvalidEntry if the step asks for something else */
    public static function checkKind(BenchStep $step, EntryContent $content): void
    {
        if (!$content->kind->answers($step->entry)) {
            throw InvalidEntry::wrongKind($content->kind->value, $step->entry);
        }
        $seen = $content->as(Seen::class);
        if (null !== $seen && null === $step->seen($seen->code)) {
            throw InvalidEntry::wrongKind($seen->code, $step->entry);
        }
        if ((null !== $seen?->drained || null !== $seen?->amount) && 'oil_appearance' !== $step->entry) {
            throw InvalidEntry::wrongKind('how much came out', $step->entry);
        }
    }

    /** @throws InvalidEntry|InvalidTightening if a figure can't be, or oil would move on an unsettled reading */
    public function check(BenchLog $log, BenchStep $step, EntryContent $content): void
    {
        $detail = $content->detail;
        if ($detail instanceof Tightened) {
            $step->tightening?->torque()?->accept($detail->torque);
            $this->wrenches?->check($step, $detail);
        } elseif ($detail instanceof Turned) {
            $step->tightening?->turns()?->accept($detail->turns);
        } elseif ($detail instanceof Measured) {
            self::checkSet($detail);
        } elseif ($detail instanceof Counted) {
            self::checkCount($step, $detail);
        } elseif ($detail instanceof Amount && 0 === $detail->volume->millilitresUp()) {
            throw InvalidEntry::nothingPoured();
        } elseif ($step->asksForLevel()) {
            $this->checkOil($log, $step, $content);
        } elseif ($detail instanceof Seen) {
            $this->checkDrained($step, $detail->drained);
        } elseif ($detail instanceof Amount) {
            $this->checkFill($log, $step, $detail->volume);
        }
    }

    /** @throws InvalidEntry */
    private static function checkSet(Measured $measured): void
    {
        foreach ($measured->judged as $each) {
            Judged::NOT_SET !== $each->code || throw InvalidEntry::notSet($each->text, $each->meaning);
        }
    }

    /** @throws InvalidEntry */
    private static function checkCount(BenchStep $step, Counted $counted): void
    {
        if ($counted->in !== $counted->out) {
            throw InvalidEntry::countsDiffer($counted->in, $counted->out);
        }
        if (null !== $step->count && $counted->out !== $step->count) {
            throw InvalidEntry::otherCount($counted->out, $step->count);
        }
    }

    /** @throws InvalidEntry */
    private function checkOil(BenchLog $log, BenchStep $step, EntryContent $content): void
    {
        $oil = $log->oilAt($step);
        if (EntryKind::Level === $content->kind && 'level' === $step->entry && !$oil->hasRun) {
            throw InvalidEntry::notRunYet();
        }
        $amount = $content->as(Amount::class);
        if (null !== $amount && EntryKind::Poured === $content->kind) {
            $this->checkTopUp($oil, $step, $amount->volume);
        }
        if (EntryKind::TakenOut === $content->kind && Advice::TakeOut !== $oil->advice?->advice) {
            throw InvalidEntry::takeOutUnasked();
        }
    }

    /** @throws InvalidEntry */
    private function checkTopUp(EngineOilLog $oil, BenchStep $step, Volume $volume): void
    {
        $advice = $oil->advice;
        if (null === $advice || Advice::Wait === $advice->advice) {
            throw InvalidEntry::topUpUnsettled($advice->waitMin ?? $oil->restRequired($step->level)->count);
        }
        if (Advice::Add !== $advice->advice) {
            throw InvalidEntry::topUpUnasked();
        }
        if (null !== $step->level && $volume->millilitresUp() > $step->level->dipstick->topUpMax->millilitresUp()) {
            throw InvalidEntry::topUpTooLarge($step->level->dipstick->topUpMax->inBothUnits());
        }
    }

    /**
     * An engine is filled with no more than it takes, of what was pulled for it.
     *
     * @throws InvalidEntry
     */
    private function checkFill(BenchLog $log, BenchStep $step, Volume $volume): void
    {
        $takes = $this->order->capacityMl[$step->position->value ?? ''] ?? null;
        if (null === $takes) {
            return;
        }
        $this->askUnit($volume, $this->order->firstPourMl[$step->position->value ?? ''] ?? $takes);
        $most = $takes + ($step->level?->dipstick->topUpMax->millilitresUp() ?? 0);
        if ($volume->millilitresUp() > $most) {
            throw InvalidEntry::moreThanItTakes($volume->inBothUnits(), Volume::whole(max(0, $takes))->inBothUnits());
        }
        $pulled = $this->order->pulled($step);
        $left = null === $pulled?->pulled ? null : $pulled->pulled->millilitresUp() - $pulled->poured($log)->millilitresUp();
        if (null !== $left && $volume->millilitresDown() > $left) {
            throw InvalidEntry::moreThanPulled($volume->inBothUnits(), Volume::whole(max(0, $left))->inBothUnits());
        }
    }

    /**
     * No engine gives more oil than it takes, unless there was too much in it, or something else.
     *
     * @throws InvalidEntry
     */
    private function checkDrained(BenchStep $step, ?Volume $drained): void
    {
        $takes = $this->order->capacityMl[$step->position->value ?? ''] ?? null;
        if (0 === $drained?->millilitresUp()) {
            throw InvalidEntry::nothingDrained();
        }
        if (null === $takes || null === $drained) {
            return;
        }
        $this->askUnit($drained, $takes);
        if ($drained->millilitresDown() > $takes) {
            throw InvalidEntry::moreDrained($drained->inBothUnits(), Volume::whole(max(0, $takes))->inBothUnits());
        }
    }

    /**
     * A figure that is far off as it stands and right in the other unit was typed in the other unit.
     *
     * @throws InvalidEntry
     */
    private function askUnit(Volume $volume, int $expectedMl): void
    {
        if ($expectedMl < self::TOLD_IN_QUARTS_ML || !\in_array($volume->unit, [VolumeUnit::UsQuart, VolumeUnit::Litre], true)) {
            return;
        }
        $isClose = static fn (Volume $each): bool => abs($each->millilitresUp() - $expectedMl) * 100 <= $expectedMl * self::SAME_PERCENT;
        $swapped = self::inOtherUnit($volume);
        if (null !== $swapped && !$isClose($volume) && $isClose($swapped)) {
            throw InvalidEntry::otherUnit($volume->inBothUnits(), $swapped->inBothUnits());
        }
    }

    private static function inOtherUnit(Volume $volume): ?Volume
    {
        try {
            return Volume::of($volume->given, VolumeUnit::UsQuart === $volume->unit ? VolumeUnit::Litre : VolumeUnit::UsQuart);
        } catch (InvalidQuantity) {
            return null;
        }
    }
}
