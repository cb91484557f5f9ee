<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

final readonly class BoatCells
{
    /**
     * @param 'salt'|'brackish'|'fresh' $water
     * @param 'moored'|'trailered'      $kept
     * @param non-empty-list<int>       $months in which it is used, 1 to 12
     */
    public function __construct(
        public string $name,
        public string $kind,
        public string $registration,
        public string $water,
        public string $kept,
        public bool $commercial,
        public array $months,
    ) {
    }
}
