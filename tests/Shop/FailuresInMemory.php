<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Shop\Account\LoginFailures;

final class FailuresInMemory implements LoginFailures
{
    /** @var array<string, array{int, \DateTimeImmutable}> */
    private array $failures = [];

    public function of(string $username, string $address): array
    {
        return $this->failures["$username $address"] ?? [0, null];
    }

    public function add(string $username, string $address, \DateTimeImmutable $at): void
    {
        $this->failures["$username $address"] = [$this->of($username, $address)[0] + 1, $at];
    }

    public function forget(string $username, string $address): void
    {
        unset($this->failures["$username $address"]);
    }
}
