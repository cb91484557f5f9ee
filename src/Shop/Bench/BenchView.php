<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\ShopSide;
use FreshTack\Shop\Order\OrderFile;

/** An order at the bench with its log. */
final readonly class BenchView
{
    /**
     * @param \DateTimeImmutable $at   when it was opened, by the server's clock
     * @param string             $mark another one once something has happened since
     */
    public function __construct(
        public OrderFile $file,
        public IssuedOrder $plan,
        public BenchLog $log,
        public ShopSide $shop,
        public \DateTimeImmutable $at,
        public string $mark,
    ) {
    }
}
