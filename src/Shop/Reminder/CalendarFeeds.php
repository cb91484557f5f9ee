<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Shop\NotFound;

/** Secret addresses under which calendars fetch what is due. Whoever has one can read it; a new one ends the old. */
interface CalendarFeeds
{
    /** @param int|null $boatId null: all of the shop */
    public function token(?int $boatId): ?string;

    public function renew(?int $boatId, \DateTimeImmutable $at): string;

    /**
     * @return array{boatId: int|null}
     *
     * @throws NotFound
     */
    public function open(string $token): array;
}
