<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use Psr\Clock\ClockInterface;

/**
 * Slows a guesser down, by account and address: after five failures each further one doubles the wait, from 5 s
 * to 15 min. A success forgets the failures.
 */
final readonly class LoginThrottle
{
    private const FREE_FAILURES = 5;
    private const LONGEST_SECONDS = 900;

    public function __construct(private LoginFailures $failures, private ClockInterface $clock)
    {
    }

    /** Seconds still to wait before another try counts; 0: go ahead. */
    public function secondsToWait(string $username, string $address): int
    {
        [$count, $last] = $this->failures->of($username, $address);
        if ($count < self::FREE_FAILURES || null === $last) {
            return 0;
        }
        $pause = min(self::LONGEST_SECONDS, 5 * 2 ** min(20, $count - self::FREE_FAILURES));

        return max(0, $last->getTimestamp() + $pause - $this->clock->now()->getTimestamp());
    }

    public function failed(string $username, string $address): void
    {
        $this->failures->add($username, $address, $this->clock->now());
    }

    public function succeeded(string $username, string $address): void
    {
        $this->failures->forget($username, $address);
    }
}
