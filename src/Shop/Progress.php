<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** How far long work is, told to whoever started it while it runs; outside the transaction of the work itself. */
interface Progress
{
    /** @param string $token chosen by whoever started the work: lower-case letters, digits and hyphens */
    public function tell(string $token, int $done, int $of): void;

    /** @return array{done: int, of: int}|null null if nobody has told anything yet */
    public function of(string $token): ?array;
}
