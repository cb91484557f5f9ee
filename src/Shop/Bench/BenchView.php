<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchPlan;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Shop\Order\OrderFile;

final readonly class BenchView
{
    public function __construct(public OrderFile $file, public BenchPlan $plan, public BenchLog $log, public WrenchRules $wrenches)
    {
    }
}
