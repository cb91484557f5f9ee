<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** A link by which somebody sets a password of their own, once: nobody else ever knows it. */
final readonly class GivePasswordLink
{
    private const BYTES = 32;
    private const DAYS = 3;

    public function __construct(
        private Accounts $accounts,
        private PasswordLinks $links,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * A new link in place of the one before; the password of now counts until it is used.
     *
     * @return string what stands at the end of the link
     *
     * @throws NotFound|Conflict
     */
    public function to(Username $username, string $by): string
    {
        $token = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        $this->unit->run(function () use ($username, $token, $by): void {
            $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);
            !$account->locked || throw Conflict::lockedOut($account->name);
            $this->links->keep($username, self::hash($token), $this->clock->now()->modify(\sprintf('+%d days', self::DAYS)));
            $this->audit->add($by, 'account.password_link', Subject::account($account->username));
        });

        return $token;
    }

    /** @throws NotFound if it was used, its time is over, or there never was such a link */
    public function owner(string $token): Account
    {
        [$username, $endsAt] = $this->links->find(self::hash($token)) ?? [null, null];
        $account = null === $username || $endsAt < $this->clock->now() ? null : $this->accounts->find($username);

        return null === $account || $account->locked ? throw NotFound::passwordLink() : $account;
    }

    /**
     * @param \Closure(string): string $hash makes the hash of a password
     *
     * @throws NotFound|InvalidDocument|Conflict
     */
    public function redeem(string $token, string $typed, \Closure $hash): Account
    {
        return $this->unit->run(function () use ($token, $typed, $hash): Account {
            $account = $this->owner($token);
            $username = Username::typed($account->username);
            $password = Password::chosen($typed, $username);
            $this->links->drop($username);
            $this->accounts->setPassword($account, $hash($password->text));
            $this->audit->add($account->username, 'account.password', Subject::account($account->username));

            return $account;
        });
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
