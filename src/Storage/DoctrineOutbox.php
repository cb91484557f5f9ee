<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Reminder\Channel;
use FreshTack\Shop\Reminder\Message;
use FreshTack\Shop\Reminder\Outbox;
use FreshTack\Storage\Entity\MessageRecord;

final readonly class DoctrineOutbox implements Outbox
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function keep(Message $message): Message
    {
        $record = new MessageRecord($message->boatId, $message->channel->value, $message->recipient, $message->subject, $message->body, $message->writtenAt, $message->writtenBy, $message->failure);
        $this->entities->persist($record);
        $this->entities->flush();

        return self::read($record);
    }

    public function latest(int $most): array
    {
        return array_map(self::read(...), $this->entities->getRepository(MessageRecord::class)->findBy([], ['id' => 'DESC'], $most));
    }

    public function ofBoat(int $boatId): array
    {
        return array_map(self::read(...), $this->entities->getRepository(MessageRecord::class)->findBy(['boatId' => $boatId], ['id' => 'DESC']));
    }

    private static function read(MessageRecord $record): Message
    {
        return new Message($record->boatId, Channel::from($record->channel), $record->recipient, $record->subject, $record->body, $record->writtenAt, $record->writtenBy, $record->failure, (int) $record->id);
    }
}
