<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\Place;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Register\Boat;

final readonly class CheckInForm
{
    /**
     * @param list<EngineAssessment>                      $engines
     * @param list<array{code: string, maker: string}> $models
     * @param list<OrderFile>                             $open    orders on this boat that are not released
     * @param bool                                        $airKnown whether the draft's air is the shop's; else it is nobody's
     * @param non-empty-list<Place>                       $places  where the shop works
     */
    public function __construct(
        public Boat $boat,
        public array $engines,
        public Draft $draft,
        public array $models,
        public array $open,
        public bool $airKnown,
        public array $places,
    ) {
    }
}
