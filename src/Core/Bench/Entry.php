<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** One line of the bench's log. Nothing in it is ever changed: a correction is a new entry that names the old one. */
final readonly class Entry
{
    /** @param string|null $corrects uuid of the entry that this one replaces */
    public function __construct(
        public string $uuid,
        public string $stepId,
        public EntryContent $content,
        public ?string $corrects,
        public string $by,
        public \DateTimeImmutable $at,
    ) {
    }

    /** Whether both say the same of the same step, whoever sent them and when. */
    public function says(self $other): bool
    {
        return $this->stepId === $other->stepId
            && $this->corrects === $other->corrects
            && serialize($this->content) === serialize($other->content);
    }
}
