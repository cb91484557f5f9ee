<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

/** Hands a message over to whoever carries it. */
interface Messenger
{
    /** @throws NotSent with the reason */
    public function send(Message $message): void;
}
