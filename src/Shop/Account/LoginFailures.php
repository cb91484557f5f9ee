<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

interface LoginFailures
{
    /** @return array{int, \DateTimeImmutable|null} how many in a row, and the last */
    public function of(string $username, string $address): array;

    public function add(string $username, string $address, \DateTimeImmutable $at): void;

    public function forget(string $username, string $address): void;
}
