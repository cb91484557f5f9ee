<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Unit;

/** Changes when "soon" begins and "overdue" begins, and the season. All engines are worked out anew. */
final readonly class SaveDuePolicy
{
    public function __construct(private ShopSettings $settings, private MarkStale $mark, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param array<int, int> $useByMonth by month 1 to 12, 0 to 100
     *
     * @throws Conflict if somebody else changed the settings meanwhile
     */
    public function __invoke(DuePolicy $policy, array $useByMonth, int $version, Account $by): void
    {
        $this->unit->run(function () use ($policy, $useByMonth, $version, $by): void {
            $this->settings->changeDue($policy, $useByMonth, $version);
            ($this->mark)(null);
            $this->audit->add(
                $by->username,
                'policy.due',
                Subject::shop(),
                [
                    'windowHours' => $policy->windowHours->text(),
                    'windowDays' => $policy->windowDays,
                    'graceHours' => $policy->graceHours->text(),
                    'graceDays' => $policy->graceDays,
                ],
            );
        });
    }
}
