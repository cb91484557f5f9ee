<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

/** What was written down, for whoever wants to know who changed what. */
interface Trail
{
    /** @return list<TrailLine> of the shop's settings, its policy and its accounts; the newest first */
    public function ofShop(int $most): array;
}
