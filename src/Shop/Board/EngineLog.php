<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\EngineHistory;

final readonly class EngineLog
{
    /** @param list<OrderFile> $orders released ones of this boat, newest first */
    public function __construct(public Boat $boat, public EngineAssessment $engine, public EngineHistory $history, public array $orders)
    {
    }
}
