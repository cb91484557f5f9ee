<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * A tablet that somebody has signed in at is taken by somebody else by their four digits. Guessing is slowed down as at
 * the sign-in, and after ten wrong tries in a row only the password helps.
 */
final readonly class HandOver
{
    private const TRIES = 10;

    public function __construct(
        private Accounts $accounts,
        private LoginThrottle $throttle,
        private LoginFailures $failures,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string $address from where it is asked
     *
     * @return Account with what four digits may do
     *
     * @throws InvalidDocument|Conflict if the digits are not theirs, or there were too many tries
     */
    public function to(Username $who, string $digits, string $address): Account
    {
        $this->slowDown($who, $address);
        $account = $this->accounts->find($who);
        if (null === $account || null === $account->pinHash || $account->locked) {
            throw InvalidDocument::at('/username', 'Nobody of this name has a PIN. Sign in with the password, and set one.');
        }
        if (!password_verify($digits, $account->pinHash)) {
            $this->throttle->failed($who, $address);
            $this->failures->add(self::counted($who), $this->clock->now());
            if ($this->failures->of(self::counted($who))[0] >= self::TRIES) {
                $this->keep($account, null, 'account.pin_off');
                throw InvalidDocument::at('/pin', 'This PIN is off after ten wrong tries. Sign in with the password, and set a new one.');
            }
            throw InvalidDocument::at('/pin', 'That is not the PIN. Try again, or sign in with the password.');
        }
        $this->failures->forget(self::counted($who));

        return $account->byPin();
    }

    /**
     * @param \Closure(): bool $isOwner whether the password is theirs; asked only if there were not too many tries
     *
     * @throws InvalidDocument|Conflict if it is not, there were too many tries, or somebody was faster
     */
    public function setPin(Account $account, ?Pin $pin, \Closure $isOwner, string $address): void
    {
        $this->prove($account, $isOwner, $address);
        $this->keep($account, $pin, null === $pin ? 'account.pin_removed' : 'account.pin_set');
    }

    /**
     * Whoever is signed in with the old one, here or elsewhere, is signed out.
     *
     * @param string           $hash    of the new one
     * @param \Closure(): bool $isOwner whether the password of now is theirs; asked only if there were not too many tries
     *
     * @throws InvalidDocument|Conflict if it is not, there were too many tries, or somebody was faster
     */
    public function setPassword(Account $account, string $hash, \Closure $isOwner, string $address): void
    {
        $this->prove($account, $isOwner, $address);
        $this->unit->run(function () use ($account, $hash): void {
            $this->accounts->setPassword($account, $hash);
            $this->audit->add($account->username, 'account.password', Subject::account($account->username));
        });
    }

    /**
     * @param \Closure(): bool $isOwner
     *
     * @throws InvalidDocument
     */
    private function prove(Account $account, \Closure $isOwner, string $address): void
    {
        $who = Username::typed($account->username);
        $this->slowDown($who, $address, '/password');
        if (!$isOwner()) {
            $this->throttle->failed($who, $address);
            throw InvalidDocument::at('/password', 'That is not your password.');
        }
    }

    /** @throws Conflict */
    private function keep(Account $account, ?Pin $pin, string $what): void
    {
        $this->unit->run(function () use ($account, $pin, $what): void {
            $this->accounts->setPin($account, $pin?->hash());
            $this->audit->add($account->username, $what, Subject::account($account->username));
            $this->failures->forget(self::counted(Username::typed($account->username)));
        });
    }

    /** @throws InvalidDocument */
    private function slowDown(Username $who, string $address, string $pointer = '/pin'): void
    {
        $seconds = $this->throttle->secondsToWait($who, $address);
        if ($seconds > 0) {
            throw InvalidDocument::at($pointer, \sprintf('Too many wrong tries. Try again in %d s.', $seconds));
        }
    }

    private static function counted(Username $who): string
    {
        return 'pin '.$who->text;
    }
}
