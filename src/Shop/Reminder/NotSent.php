<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Core\ExpectedError;

final class NotSent extends \RuntimeException implements ExpectedError
{
    public static function because(string $reason): self
    {
        return new self(\sprintf('The message was not sent: %s It is kept in the outbox as not sent.', $reason));
    }

    public function errorKey(): string
    {
        return 'message.not_sent';
    }
}
