<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use Psr\Clock\ClockInterface;

/**
 * Slows a guesser down. After the free failures each further one doubles the wait, beginning with 5 s: for one account
 * from one address up to 15 min; for an account from wherever up to 1 min, so that nobody can lock its owner out for
 * long; for an address, whatever accounts it tries, up to 15 min. A success forgets the failures of that account, an hour
 * without any forgets all: in a shop everybody may come from one address.
 */
final readonly class LoginThrottle
{
    private const FIRST_SECONDS = 5;
    private const FORGOTTEN_SECONDS = 3_600;
    /** Free failures and the longest wait in seconds. */
    private const BOTH = [5, 900];
    private const ACCOUNT = [20, 60];
    private const ADDRESS = [50, 900];

    public function __construct(private LoginFailures $failures, private ClockInterface $clock)
    {
    }

    /** Seconds still to wait before another try counts; 0: go ahead. */
    public function secondsToWait(Username $username, string $address): int
    {
        return max(array_map($this->wait(...), array_keys(self::limits($username, $address)), self::limits($username, $address)));
    }

    public function failed(Username $username, string $address): void
    {
        foreach (array_keys(self::limits($username, $address)) as $counted) {
            if (0 === $this->inARow($counted)[0]) {
                $this->failures->forget($counted);
            }
            $this->failures->add($counted, $this->clock->now());
        }
    }

    /** The address is not forgiven: somebody there may know one password and guess at others. */
    public function succeeded(Username $username, string $address): void
    {
        $this->failures->forget(self::both($username, $address));
        $this->failures->forget(self::account($username));
    }

    /** @param array{int, int} $limit */
    private function wait(string $counted, array $limit): int
    {
        [$free, $longest] = $limit;
        [$count, $last] = $this->inARow($counted);
        if ($count < $free || null === $last) {
            return 0;
        }
        $pause = min($longest, self::FIRST_SECONDS * 2 ** min(20, $count - $free));

        return max(0, $last->getTimestamp() + $pause - $this->clock->now()->getTimestamp());
    }

    /** @return array{int, \DateTimeImmutable|null} */
    private function inARow(string $counted): array
    {
        [$count, $last] = $this->failures->of($counted);
        $age = null === $last ? 0 : $this->clock->now()->getTimestamp() - $last->getTimestamp();

        return $age < self::FORGOTTEN_SECONDS ? [$count, $last] : [0, null];
    }

    /** @return non-empty-array<string, array{int, int}> */
    private static function limits(Username $username, string $address): array
    {
        return [
            self::both($username, $address) => self::BOTH,
            self::account($username) => self::ACCOUNT,
            'address '.$address => self::ADDRESS,
        ];
    }

    private static function both(Username $username, string $address): string
    {
        return "both $address $username->text";
    }

    private static function account(Username $username): string
    {
        return 'account '.$username->text;
    }
}
