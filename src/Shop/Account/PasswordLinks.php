<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

/** Links by which somebody sets a password of their own; at most one for each account. Only their hashes are kept. */
interface PasswordLinks
{
    /** In place of the one before. */
    public function keep(Username $username, string $hash, \DateTimeImmutable $endsAt): void;

    /** @return array{Username, \DateTimeImmutable}|null whose it is, and until when it counts */
    public function find(string $hash): ?array;

    public function drop(Username $username): void;
}
