<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

/** Hands a letter over to whoever carries it. */
interface Messenger
{
    /** @throws NotSent with the reason */
    public function send(Letter $letter): void;
}
