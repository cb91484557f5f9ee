<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;

/** What is said when an order is released. */
final readonly class Release
{
    /**
     * @param array<string, string> $explained words by the deviation that they explain
     * @param array<string, string> $unfit     why an engine leaves as not fit to run, by its position
     * @param list<OilLeft>         $left
     */
    public function __construct(
        public string $remark = '',
        public array $explained = [],
        public array $unfit = [],
        public array $left = [],
    ) {
    }

    public function explains(string $deviation): bool
    {
        return '' !== trim($this->explained[$deviation] ?? '');
    }

    public function isUnfit(Position $position): bool
    {
        return isset($this->unfit[$position->value]);
    }
}
