<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Seal\Seals;

final readonly class ShowRecord
{
    public function __construct(private Orders $orders, private Seals $seals)
    {
    }

    /**
     * @return array<mixed> with its `seal` as it is printed
     *
     * @throws NotFound|Conflict|SealBroken if there is no such order, it was not released, or was changed since
     */
    public function __invoke(int $number): array
    {
        $record = $this->orders->get($number)->record ?? throw Conflict::notReleased($number);
        $flaw = $this->seals->flawOfOrder($number);

        return null === $flaw ? [...$record, 'seal' => $this->seals->ofRecord($number)] : throw SealBroken::ofOrder($number, $flaw);
    }
}
