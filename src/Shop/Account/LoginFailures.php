<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

/** How often in a row it went wrong, for whatever is counted by itself: an account, an address, both together. */
interface LoginFailures
{
    /** @return array{int, \DateTimeImmutable|null} how many in a row, and the last */
    public function of(string $counted): array;

    public function add(string $counted, \DateTimeImmutable $at): void;

    public function forget(string $counted): void;
}
