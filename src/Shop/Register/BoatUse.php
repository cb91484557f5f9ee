<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\HardUses;
use FreshTack\Core\SpecBook\BoatSeparators;

/** Where and how a boat is used. */
final readonly class BoatUse
{
    /**
     * @param 'salt'|'brackish'|'fresh' $water
     * @param 'moored'|'trailered'      $kept
     * @param non-empty-list<int>       $months in which it is used, 1 to 12
     * @param bool                      $idling long hours at low speed
     * @param bool                      $sharedLockout keys, lanyards or batteries serve more than one engine
     * @param bool                      $silt   dusty or silty water
     * @param BoatSeparators            $separators between its tank and its engines
     */
    public function __construct(
        public string $water,
        public string $kept,
        public bool $commercial,
        public array $months,
        public bool $idling = false,
        public bool $silt = false,
        public bool $sharedLockout = false,
        public BoatSeparators $separators = new BoatSeparators(),
    ) {
    }

    /** Brackish water counts as salt. */
    public function hardUses(): HardUses
    {
        $met = [
            [HardUse::Salt, 'fresh' !== $this->water],
            [HardUse::Moored, 'moored' === $this->kept],
            [HardUse::Commercial, $this->commercial],
            [HardUse::Idling, $this->idling],
            [HardUse::Silt, $this->silt],
        ];

        return new HardUses(array_column(array_filter($met, static fn (array $use): bool => $use[1]), 0));
    }
}
