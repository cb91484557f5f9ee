<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\Claim;
use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\Bench\WasteOfOrder;
use FreshTack\Core\Plan\Position;
use FreshTack\Shop\Bench\BenchView;

/** What the bench tells beside the steps: whose an engine is, how it stands, and what has to be got rid of. */
final readonly class BenchSideView
{
    /** @return array<string, mixed> */
    public static function engine(Position $position, BenchLog $log): array
    {
        return [
            'position' => $position->value,
            'lockout' => $log->rig()->engine($position)->lockoutText(),
            'open' => $log->outcomes()->open($position),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function waste(BenchView $view): array
    {
        $waste = new WasteOfOrder($view->plan, $view->log);
        $drained = $waste->drainedOil()?->millilitresUp();
        $kinds = $waste->engines();

        return array_map(static function (string $value, int $engines) use ($view, $drained): array {
            $kind = WasteKind::from($value);

            return [
                'kind' => $value,
                'label' => $kind->label(),
                'counted' => $kind->isCounted(),
                'engines' => $engines,
                'drainedMl' => WasteKind::EngineOil === $kind ? $drained : null,
                'container' => $view->shop->wasteContainers[$value] ?? null,
            ];
        }, array_keys($kinds), array_values($kinds));
    }

    /** @return array<string, mixed> */
    public static function claim(Claim $claim): array
    {
        return ['of' => $claim->of, 'by' => $claim->by, 'at' => $claim->at->format(\DATE_ATOM)];
    }
}
