<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Reminder\Channel;
use FreshTack\Shop\Reminder\Letter;
use FreshTack\Shop\Reminder\Messenger;
use FreshTack\Shop\Reminder\NotSent;
use FreshTack\Shop\ShopSettings;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** E-mail goes through whatever carries the shop's mail (MAILER_DSN); texts go to the outbox folder, from which a gateway takes them. */
final readonly class ShopMessenger implements Messenger
{
    public function __construct(private MailerInterface $mailer, private ShopSettings $settings, private string $mailFrom, private OutboxFolder $folder)
    {
    }

    public function send(Letter $letter): void
    {
        if (Channel::Text === $letter->channel) {
            $this->folder->put('txt', \sprintf("To: %s\n\n%s\n", $letter->recipient, $letter->body));

            return;
        }

        try {
            $this->mailer->send((new Email())
                ->from(new Address($this->mailFrom, $this->settings->name()))
                ->to($letter->recipient)
                ->subject($letter->subject)
                ->text($letter->body)
                ->date($letter->writtenAt));
        } catch (TransportExceptionInterface $error) {
            throw NotSent::because('the mail could not be handed over ('.mb_strimwidth($error->getMessage(), 0, 120, '…').').');
        }
    }
}
