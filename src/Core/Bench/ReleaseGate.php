<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\Reconciliation;

/** What keeps an order from being released, in words that say what to do about it. */
final readonly class ReleaseGate
{
    /** The oil in an engine may differ from its capacity by this much, in per cent, before somebody must say why. */
    private const OIL_TOLERANCE_PERCENT = 10;

    /** @return list<array{gate: string, message: string, stepId: string|null}> nothing: it may be released */
    public function obstacles(BenchPlan $plan, BenchLog $log, string $remark, OilLeft ...$left): array
    {
        return [
            ...$this->stops($log),
            ...$this->openSteps($plan, $log),
            ...$this->levels($plan, $log),
            ...('' === trim($remark) ? [...$this->volumes($plan, $log), ...$this->leftOver($plan, $log, array_values($left))] : []),
        ];
    }

    /** @return list<Reconciliation> of the oils of which somebody measured what is left */
    public function reconciled(BenchPlan $plan, BenchLog $log, OilLeft ...$left): array
    {
        return array_values(array_filter(array_map(static fn (PulledOil $oil): ?Reconciliation => self::sum($oil, $log, array_values($left)), $plan->oils)));
    }

    /** @param list<OilLeft> $left */
    private static function sum(PulledOil $oil, BenchLog $log, array $left): ?Reconciliation
    {
        $ours = array_values(array_filter($left, static fn (OilLeft $each): bool => $each->isOf($oil)));

        return [] === $ours ? null : new Reconciliation($oil->name(), $ours[0]->opened, $oil->poured($log), $ours[0]->leftOver);
    }

    /**
     * @param list<OilLeft> $left
     *
     * @return list<array{gate: string, message: string, stepId: string|null}>
     */
    private function leftOver(BenchPlan $plan, BenchLog $log, array $left): array
    {
        $messages = [];
        foreach ($plan->oils as $oil) {
            $sum = self::sum($oil, $log, $left);
            if (null !== $sum && !$sum->balances()) {
                $messages[] = $sum->text().' Look again, or say why in the remark.';
            } elseif (null === $sum && $oil->poured($log)->millilitresUp() > 0) {
                $messages[] = \sprintf('%s: nobody has said how much is left of what was opened. Measure it, or say in the remark why not.', $oil->name());
            }
        }

        return array_map(static fn (string $message): array => ['gate' => 'oil', 'message' => $message, 'stepId' => null], $messages);
    }

    /** @return list<array{gate: string, message: string, stepId: string|null}> */
    private function stops(BenchLog $log): array
    {
        return null === $log->stoppedBy ? [] : [['gate' => 'stopped', 'message' => \sprintf('The work is stopped (%s) and nobody has decided how it goes on.', $log->stoppedBy->meaning()), 'stepId' => null]];
    }

    /** @return list<array{gate: string, message: string, stepId: string|null}> */
    private function openSteps(BenchPlan $plan, BenchLog $log): array
    {
        $open = array_filter($plan->steps, static fn (BenchStep $step): bool => !$log->isDone($step));

        return array_values(array_map(static fn (BenchStep $step): array => [
            'gate' => 'step',
            'message' => null === $log->answer($step->id)
                ? \sprintf('%s: "%s" is not entered yet.', $step->label, $step->title)
                : \sprintf('%s: "%s" could not be done, and without it the engine does not leave.', $step->label, $step->title),
            'stepId' => $step->id,
        ], $open));
    }

    /** @return list<array{gate: string, message: string, stepId: string|null}> */
    private function levels(BenchPlan $plan, BenchLog $log): array
    {
        $unsettled = array_filter(array_keys($plan->capacityMl), static fn (string $position): bool => Advice::Ok !== $log->oil($position)->advice?->advice);

        return array_values(array_map(static fn (string $position): array => ['gate' => 'level', 'message' => \sprintf('%s: no settled reading after the last run and the last pour says that the level is fine.', $plan->engines[$position] ?? $position), 'stepId' => null], $unsettled));
    }

    /** @return list<array{gate: string, message: string, stepId: string|null}> */
    private function volumes(BenchPlan $plan, BenchLog $log): array
    {
        $off = array_filter($plan->capacityMl, static fn (int $capacity, string $position): bool => abs($log->oil($position)->inEngineMl() - $capacity) * 100 > $capacity * self::OIL_TOLERANCE_PERCENT, \ARRAY_FILTER_USE_BOTH);

        return array_map(static fn (string $position, int $capacity): array => ['gate' => 'volume', 'message' => \sprintf('%s: %d ml went in, the capacity is %d ml. That is more than %d %% apart: say why in the remark.', $plan->engines[$position] ?? $position, $log->oil($position)->inEngineMl(), $capacity, self::OIL_TOLERANCE_PERCENT), 'stepId' => null], array_keys($off), $off);
    }
}
