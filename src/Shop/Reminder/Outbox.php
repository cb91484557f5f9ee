<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

interface Outbox
{
    public function keep(Message $message): Message;

    /** @return list<Message> newest first */
    public function latest(int $most): array;

    /** @return list<Message> newest first */
    public function ofBoat(int $boatId): array;
}
