<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

/** Where and how a boat is used. */
final readonly class BoatUse
{
    /**
     * @param 'salt'|'brackish'|'fresh' $water
     * @param 'moored'|'trailered'      $kept
     * @param non-empty-list<int>       $months in which it is used, 1 to 12
     */
    public function __construct(public string $water, public string $kept, public bool $commercial, public array $months)
    {
    }
}
