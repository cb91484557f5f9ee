<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Shop\Account\LoginFailures;

final class FailuresInMemory implements LoginFailures
{
    /** @var array<string, array{int, \DateTimeImmutable}> */
    private array $failures = [];

    public function of(string $counted): array
    {
        return $this->failures[$counted] ?? [0, null];
    }

    public function add(string $counted, \DateTimeImmutable $at): void
    {
        $this->failures[$counted] = [$this->of($counted)[0] + 1, $at];
    }

    public function forget(string $counted): void
    {
        unset($this->failures[$counted]);
    }
}
