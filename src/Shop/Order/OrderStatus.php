<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

enum OrderStatus: string
{
    case Draft = 'draft';
    case Issued = 'issued';
    case InWork = 'in_work';
    case Stopped = 'stopped';
    case Released = 'released';

    public function isAtBench(): bool
    {
        return \in_array($this, [self::Issued, self::InWork, self::Stopped], true);
    }
}
