<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

/** What is handed over to whoever carries it. */
final readonly class Letter
{
    public function __construct(
        public Channel $channel,
        public string $recipient,
        public string $subject,
        public string $body,
        public \DateTimeImmutable $writtenAt,
    ) {
    }
}
