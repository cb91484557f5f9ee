<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\Limit;

/** What the sheet proposes under severe use. It is proposed, never added. */
final readonly class SevereProposal
{
    /** @param non-empty-list<HardUse> $uses those of this boat */
    public function __construct(public array $uses, public Limit $every, public DueAssessment $assessment)
    {
    }

    public function why(): string
    {
        $uses = implode(', ', array_map(static fn (HardUse $use): string => $use->label(), $this->uses));

        return \sprintf('%s: the sheet proposes every %s instead.', ucfirst($uses), $this->every->text());
    }
}
