<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Unit;

/** Sets what the shop answers where practitioners disagree. Orders that were issued stay as they are; days that hang on an answer are worked out anew. */
final readonly class SaveSchools
{
    public function __construct(private ShopSettings $settings, private MarkStale $mark, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws Conflict if somebody else changed the settings meanwhile */
    public function __invoke(Schools $schools, int $version, Account $by): void
    {
        $this->unit->run(function () use ($schools, $version, $by): void {
            $changed = $schools->differences($this->settings->schools());
            $this->settings->changeSchools($schools, $version);
            if (\in_array(Question::FirstFilter, $changed, true)) {
                ($this->mark)(null);
            }
            $this->audit->add(
                $by->username,
                'policy.schools',
                Subject::shop(),
                array_combine(
                    array_map(static fn (Question $question): string => $question->value, $changed),
                    array_map(static fn (Question $question): string => $schools->answer($question)->code, $changed),
                ),
            );
        });
    }
}
