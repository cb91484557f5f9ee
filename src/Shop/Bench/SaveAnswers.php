<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Unit;

/** Sets what the shop adds to the table of what may be seen. Orders that were issued are worked on by theirs. */
final readonly class SaveAnswers
{
    public function __construct(private ShopSettings $settings, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws Conflict if somebody else changed the settings meanwhile */
    public function __invoke(ShopAnswers $answers, int $version, Account $by): void
    {
        $this->unit->run(function () use ($answers, $version, $by): void {
            $this->settings->changeAnswers($answers, $version);
            $this->audit->add($by->username, 'policy.answers', Subject::shop(), $answers->toArray());
        });
    }
}
