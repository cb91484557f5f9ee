<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Volume;

/** What keeps an order from being released. */
final readonly class ReleaseGate
{
    /** The oil in an engine may differ from what its order expects by this much of its capacity, in per cent. */
    private const OIL_TOLERANCE_PERCENT = 10;

    public function __construct(private IssuedOrder $order, private BenchLog $log)
    {
    }

    /** @return list<Obstacle> nothing: it may be released */
    public function obstacles(Release $release): array
    {
        $release = $release->including($this->log->rig()->released);
        $deviations = array_filter(
            [...$this->leftOut(), ...$this->volumes(), ...$this->leftOver($release->left)],
            static fn (Obstacle $obstacle): bool => !$release->explains($obstacle->deviation() ?? ''),
        );

        return [
            ...array_map(Obstacle::stopped(...), $this->log->stops()),
            ...$this->openSteps($release, [null, ...$this->order->rig->positions]),
            ...$this->engines($release, $this->order->rig->positions),
            ...$this->laidOut($this->order->rig->positions),
            ...$this->findings([null, ...$this->order->rig->positions]),
            ...array_values($deviations),
        ];
    }

    /** @return list<Obstacle> what keeps one engine from being let go before the others; nothing: it may be */
    public function ofEngine(Position $position, EngineRelease $said): array
    {
        $release = new Release('', $said->explained, null === $said->unfit ? [] : [$position->value => $said->unfit]);
        $stops = array_filter($this->log->stops(), static fn (Stop $stop): bool => $stop->isOf($position));
        $volume = array_filter(
            $this->volumes(),
            static fn (Obstacle $each): bool => $each->at === $position->value && !$release->explains($each->deviation() ?? ''),
        );

        return [
            ...array_map(Obstacle::stopped(...), array_values($stops)),
            ...$this->openSteps($release, [$position]),
            ...$this->engines($release, [$position]),
            ...$this->laidOut([$position]),
            ...$this->findings([$position]),
            ...array_values($volume),
        ];
    }

    /** @return list<Reconciliation> of the oils of which somebody measured what is left */
    public function reconciled(Release $release): array
    {
        $sums = array_map(fn (PulledOil $oil): ?Reconciliation => $this->sum($oil, $release->left), $this->order->oils);

        return array_values(array_filter($sums));
    }

    /** @return list<PulledOil> poured, and nobody measured what is left */
    public function notMeasured(Release $release): array
    {
        $isSaid = static fn (PulledOil $oil): bool => [] !== array_filter(
            $release->left,
            static fn (OilLeft $left): bool => $left->isOf($oil) && !$left->isMeasured(),
        );

        return array_values(array_filter($this->order->oils, $isSaid));
    }

    /** @param list<OilLeft> $left */
    private function sum(PulledOil $oil, array $left): ?Reconciliation
    {
        $ours = array_values(array_filter($left, static fn (OilLeft $each): bool => $each->isOf($oil)))[0] ?? null;

        return null === $ours?->opened || null === $ours->leftOver
            ? null
            : new Reconciliation($oil->name(), $ours->opened, $oil->poured($this->log), $ours->leftOver);
    }

    /** @return list<Obstacle> what had to be done for the whole rig, and was said not to be */
    private function leftOut(): array
    {
        $obstacles = [];
        foreach ($this->order->steps as $step) {
            $answer = $this->log->answer($step->id);
            if (null === $step->position && $step->must && null !== $answer && $answer->isNotDone()) {
                $obstacles[] = Obstacle::leftOut($step, $answer->why());
            }
        }

        return $obstacles;
    }

    /**
     * What nobody has answered, told by operation. An engine that leaves as not fit to run is not finished, nor is the
     * rig then.
     *
     * @param list<Position|null> $where null: the whole rig
     *
     * @return list<Obstacle>
     */
    private function openSteps(Release $release, array $where): array
    {
        $obstacles = [];
        foreach ($this->order->all as $work) {
            $position = $work->work->position;
            $isLeft = null === $position ? [] !== $release->unfit : $release->isUnfit($position);
            $open = array_values(array_filter($work->steps, fn (BenchStep $step): bool => null === $this->log->answer($step->id)));
            if ([] !== $open && !$isLeft && \in_array($position, $where, true)) {
                $obstacles[] = Obstacle::steps($open[0], \count($open));
            }
        }

        return $obstacles;
    }

    /**
     * @param list<Position> $where
     *
     * @return list<Obstacle> what is not whole, and is not said to leave like that
     */
    private function engines(Release $release, array $where): array
    {
        $outcomes = new Outcomes($this->order, $this->log);
        $obstacles = [];
        foreach ($where as $position) {
            $open = $release->isUnfit($position) ? $outcomes->unsafe($position) : $outcomes->unfit($position);
            foreach ($open as $why) {
                $obstacles[] = Obstacle::unfit($position->value, $this->label($position), $why);
            }
            if (!$release->isUnfit($position) && !$this->isLevelFine($position)) {
                $obstacles[] = Obstacle::level($position->value, $this->label($position));
            }
        }

        return $obstacles;
    }

    /**
     * @param list<Position|null> $where null: the whole rig
     *
     * @return list<Obstacle> findings about which nobody has decided
     */
    private function findings(array $where): array
    {
        $open = array_filter(
            $this->log->findings(),
            static fn (Finding $finding): bool => null === $finding->settled && \in_array($finding->position, $where, true),
        );

        return array_values(array_map(Obstacle::finding(...), $open));
    }

    /**
     * @param list<Position> $where
     *
     * @return list<Obstacle> parts of which nobody has said whether they went on
     */
    private function laidOut(array $where): array
    {
        $outcomes = new Outcomes($this->order, $this->log);
        $obstacles = [];
        foreach (array_merge(...array_map($outcomes->parts(...), $where)) as $part) {
            $work = null === $part->use->work ? null : $this->order->work($part->use->work->text);
            $step = null === $work ? null : $work->ending[\count($work->ending) - 1] ?? null;
            if (PartFate::Unsaid === $part->fate && null !== $step) {
                $obstacles[] = Obstacle::laidOut($step, $part->number);
            }
        }

        return $obstacles;
    }

    /** An engine of which neither drained nor filled is as it came. */
    private function isLevelFine(Position $position): bool
    {
        $oil = $this->log->oil($position->value);

        return !isset($this->order->capacityMl[$position->value])
            || ($this->log->rig()->engine($position)->wasLeftAlone() && 0 === $oil->inEngineMl())
            || Advice::Ok === $oil->advice?->advice;
    }

    /**
     * @param list<OilLeft> $left
     *
     * @return list<Obstacle>
     */
    private function leftOver(array $left): array
    {
        $obstacles = [];
        foreach ($this->order->oils as $oil) {
            $sum = $this->sum($oil, $left);
            $isSaid = [] !== array_filter($left, static fn (OilLeft $each): bool => $each->isOf($oil));
            if (null !== $sum && !$sum->balances()) {
                $obstacles[] = Obstacle::oil($oil->name(), $sum->text().' Look again, or say why.');
            } elseif (!$isSaid && $oil->poured($this->log)->millilitresUp() > 0) {
                $obstacles[] = Obstacle::oil($oil->name(), \sprintf(
                    '%s: nobody has said how much is left of what was opened. Measure it, or say that it was not measured.',
                    $oil->name(),
                ));
            }
        }

        return $obstacles;
    }

    /**
     * What went in is held against what this order expects: at least the first pour, at most the capacity.
     *
     * @return list<Obstacle>
     */
    private function volumes(): array
    {
        $obstacles = [];
        foreach ($this->order->capacityMl as $position => $capacity) {
            $least = $this->order->firstPourMl[$position] ?? $capacity;
            $inEngine = $this->log->oil($position)->inEngineMl();
            $off = 0 === $inEngine ? 0 : max($least - $inEngine, $inEngine - $capacity);
            if ($off * 100 > $capacity * self::OIL_TOLERANCE_PERCENT) {
                $obstacles[] = Obstacle::volume($position, \sprintf(
                    '%s: %s went in; the order expects %s to %s. That is more than %d %% apart: say why.',
                    $this->order->engines[$position] ?? $position,
                    self::text($inEngine),
                    self::text($least),
                    self::text($capacity),
                    self::OIL_TOLERANCE_PERCENT,
                ));
            }
        }

        return $obstacles;
    }

    private function label(Position $position): string
    {
        return $this->order->engines[$position->value] ?? $position->label();
    }

    private static function text(int $millilitres): string
    {
        return Volume::whole(max(0, $millilitres))->inBothUnits();
    }
}
