<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

enum OrderStatus: string
{
    case Draft = 'draft';
    case Issued = 'issued';
    case InWork = 'in_work';
    case Stopped = 'stopped';
    /** Somebody has worked on it, and it waits. */
    case Parked = 'parked';
    case Released = 'released';
    /** A draft that is not wanted. */
    case Discarded = 'discarded';
    /** Issued, and not carried out. */
    case Cancelled = 'cancelled';

    /** @return list<self> issued, and not released */
    public static function underWork(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $status): bool => $status->isAtBench()));
    }

    public function isOpen(): bool
    {
        return self::Draft === $this || $this->isAtBench();
    }

    public function isAtBench(): bool
    {
        return \in_array($this, [self::Issued, self::InWork, self::Stopped, self::Parked], true);
    }
}
