<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

/** The orders by station; the cost does not grow with how much was entered at them. */
interface Lanes
{
    /** @return list<ClosedOrder> the newest first */
    public function closed(int $most): array;

    /**
     * @param int                $most          orders of each lane
     * @param \DateTimeImmutable $releasedSince older releases are not counted
     *
     * @return list<LaneState> all lanes, in the order of the work
     */
    public function all(int $most, \DateTimeImmutable $releasedSince): array;

    /** @return list<LaneOrder> stopped ones first, then the newest */
    public function page(Lane $lane, int $skip, int $most, \DateTimeImmutable $releasedSince): array;
}
