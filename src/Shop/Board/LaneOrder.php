<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Order\OrderStatus;

/** An order as the board shows it. */
final readonly class LaneOrder
{
    /**
     * @param string|null             $technician whose account entered the last step; null: nobody has begun
     * @param \DateTimeImmutable      $since      when it was checked in
     * @param \DateTimeImmutable|null $readyBy    as it was foreseen when it was issued
     */
    public function __construct(
        public int $number,
        public OrderStatus $status,
        public int $boatId,
        public string $boatName,
        public Tally $tally,
        public string $writer,
        public ?string $technician,
        public \DateTimeImmutable $since,
        public ?\DateTimeImmutable $readyBy,
    ) {
    }
}
