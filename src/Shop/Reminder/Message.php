<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

/** A message to an owner. */
final readonly class Message
{
    /**
     * @param string|null $failure why it could not be handed over; null: it was
     * @param int         $id      0 for one not kept yet
     */
    public function __construct(
        public int $boatId,
        public Channel $channel,
        public string $recipient,
        public string $subject,
        public string $body,
        public \DateTimeImmutable $writtenAt,
        public string $writtenBy,
        public ?string $failure = null,
        public int $id = 0,
    ) {
    }

    public function letter(): Letter
    {
        return new Letter($this->channel, $this->recipient, $this->subject, $this->body, $this->writtenAt);
    }
}
