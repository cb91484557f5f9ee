<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Reminder\CalendarFeeds;
use FreshTack\Storage\Entity\CalendarFeedRecord;

final readonly class DoctrineCalendarFeeds implements CalendarFeeds
{
    private const SECRET_BYTES = 32;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function token(?int $boatId): ?string
    {
        return $this->entities->getRepository(CalendarFeedRecord::class)->findOneBy(
            ['boatId' => $boatId ?? CalendarFeedRecord::SHOP],
        )?->token;
    }

    public function renew(?int $boatId, \DateTimeImmutable $at): string
    {
        $place = $boatId ?? CalendarFeedRecord::SHOP;
        $this->entities->createQuery('DELETE FROM '.CalendarFeedRecord::class.' f WHERE f.boatId = :place')->execute(['place' => $place]);
        $token = rtrim(strtr(base64_encode(random_bytes(self::SECRET_BYTES)), '+/', '-_'), '=');
        $this->entities->persist(new CalendarFeedRecord($token, $place, $at));
        $this->entities->flush();

        return $token;
    }

    public function open(string $token): array
    {
        $record = $this->entities->find(CalendarFeedRecord::class, $token) ?? throw NotFound::named('calendar', 'at this address');

        return ['boatId' => CalendarFeedRecord::SHOP === $record->boatId ? null : $record->boatId];
    }
}
