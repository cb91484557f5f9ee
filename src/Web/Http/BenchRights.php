<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Bench\EntryKind;

/** What somebody may enter at the bench. */
final readonly class BenchRights
{
    /**
     * @param bool $work   what was done, seen and measured
     * @param bool $decide how stopped work goes on
     * @param bool $drop   a task taken out of the order
     * @param bool $wait   time that a demo lets pass
     */
    public function __construct(private bool $work, private bool $decide, private bool $drop, private bool $wait)
    {
    }

    /** @return string|null why not; null: they may */
    public function flaw(EntryKind $kind): ?string
    {
        return match (true) {
            EntryKind::Decision === $kind => $this->decide ? null : 'How stopped work goes on is decided by a lead or a manager.',
            EntryKind::Dropped === $kind => $this->drop ? null : 'A task is taken out by the service writer.',
            EntryKind::Released === $kind => 'An engine is let go on the release page, where its gates are checked.',
            !$this->work => 'Bench work is entered by a technician.',
            EntryKind::Waited === $kind => $this->wait ? null : 'Only a demo lets time pass.',
            default => null,
        };
    }
}
