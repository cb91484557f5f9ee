<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\TakenBack\Removed;
use FreshTack\Shop\TakenBack\RemovedThings;

/** What can be brought back, the newest first. */
final readonly class ShowRemoved
{
    private const MOST = 100;

    public function __construct(private RemovedThings $removed, private Lanes $lanes)
    {
    }

    /** @return list<Removed> */
    public function things(): array
    {
        return $this->removed->newest(self::MOST);
    }

    /** @return list<ClosedOrder> */
    public function orders(): array
    {
        return $this->lanes->closed(self::MOST);
    }
}
