<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Book\CountHoles;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Due\ShowDues;
use Psr\Clock\ClockInterface;

/** What there is to do in the shop today. */
final readonly class ShowBoard
{
    public const LANE = 30;
    private const RELEASED_SINCE = '-7 days';
    private const MOST_PRESSING = 12;

    public function __construct(
        private Lanes $lanes,
        private ShowDues $dues,
        private Refusals $refusals,
        private CountHoles $holes,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(): BoardState
    {
        return new BoardState(
            $this->lanes->all(self::LANE, $this->releasedSince()),
            $this->dues->board(),
            $this->dues->now(0, self::MOST_PRESSING),
            $this->refusals->count(),
            ($this->holes)(),
        );
    }

    /** @return list<LaneOrder> of one lane, from `$skip` on; one more than a lane shows, if there are more */
    public function more(Lane $lane, int $skip): array
    {
        return $this->lanes->page($lane, $skip, self::LANE + 1, $this->releasedSince());
    }

    private function releasedSince(): \DateTimeImmutable
    {
        return $this->clock->now()->modify(self::RELEASED_SINCE);
    }
}
