<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What the shop knows beside the order and its log: its wrenches, which parts were held against their engine, who took on what. */
final readonly class ShopSide
{
    /** @param array<string, string> $wasteContainers where what usually goes, by kind of waste */
    public function __construct(
        public WrenchRules $wrenches,
        public HeldParts $held,
        public Claims $claims,
        public array $wasteContainers = [],
    ) {
    }
}
