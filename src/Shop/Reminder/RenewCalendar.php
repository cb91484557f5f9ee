<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Gives a calendar its secret address, and ends the one before. */
final readonly class RenewCalendar
{
    public function __construct(
        private CalendarFeeds $feeds,
        private Register $register,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param int|null $boatId null: of the whole shop
     *
     * @return string the address's secret part
     *
     * @throws NotFound|Conflict
     */
    public function __invoke(?int $boatId, string $by): string
    {
        return $this->unit->run(function () use ($boatId, $by): string {
            $boat = null === $boatId ? null : $this->register->boat($boatId);
            $this->audit->add($by, 'calendar.renewed', Subject::calendar($boatId), ['boat' => $boat?->name]);

            return $this->feeds->renew($boatId, $this->clock->now());
        });
    }
}
