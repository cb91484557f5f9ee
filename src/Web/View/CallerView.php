<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\Caller;

final readonly class CallerView
{
    /** @return array<string, mixed> */
    public static function of(Caller $caller): array
    {
        return [
            'owner' => BoatView::customer($caller->owner),
            'steps' => $caller->tally->steps,
            'stepsDone' => $caller->tally->stepsDone,
            'next' => $caller->next,
            'waitsFor' => $caller->waitsFor,
            'worker' => $caller->worker,
            'partsMinor' => $caller->parts,
            'oilMinor' => $caller->oil,
            'unpriced' => $caller->unpriced,
        ];
    }
}
