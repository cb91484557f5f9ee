<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\GivePasswordLink;
use FreshTack\Shop\Account\LoginThrottle;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\ShopSettings;
use Psr\Clock\ClockInterface;

/** Mails a link for a new password. It never stands in the outbox that the staff can read. */
final readonly class MailPasswordLink
{
    public function __construct(
        private Accounts $accounts,
        private GivePasswordLink $link,
        private LoginThrottle $throttle,
        private Messenger $messenger,
        private ShopSettings $settings,
        private ClockInterface $clock,
        private string $shopAddress,
    ) {
    }

    /**
     * Whoever asks hears nothing of whether there is such an account. Asking is slowed down as a wrong password is.
     *
     * @throws Conflict
     */
    public function forgotten(Username $username, string $address): void
    {
        $asked = Username::typed('link '.$username->text);
        if ($this->throttle->secondsToWait($asked, $address) > 0) {
            return;
        }
        $this->throttle->failed($asked, $address);
        $account = $this->accounts->find($username);
        if (null !== $account && null !== $account->email && !$account->locked) {
            try {
                $this->send($account, $this->link->to($username, $username->text));
            } catch (NotFound|NotSent) {
                // whoever asked must not see the difference; the manager can give a link
            }
        }
    }

    /** @throws NotSent */
    public function send(Account $account, string $token): void
    {
        null !== $account->email || throw NotSent::because('there is no e-mail address.');
        $this->messenger->send(new Letter(
            Channel::Email,
            $account->email,
            'Your password for Fresh Tack',
            implode("\n", [
                \sprintf('Dear %s,', $account->name),
                '',
                'set your password here, within three days:',
                self::url($this->shopAddress, $token),
                '',
                'The link can be used once. If you did not expect it, tell your service manager.',
                '',
                $this->settings->name(),
            ]),
            $this->clock->now(),
        ));
    }

    public static function url(string $shop, string $token): string
    {
        return rtrim($shop, '/').'/password/'.$token;
    }
}
