<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Finding\Verdict;

/** One line of the bench's log. Nothing in it is ever changed: a correction is a new entry that names the old one. */
final readonly class Entry
{
    /**
     * @param string|null $corrects uuid of the entry that this one replaces
     * @param Told        $told     how it came to the log
     */
    public function __construct(
        public string $uuid,
        public string $stepId,
        public EntryContent $content,
        public ?string $corrects,
        public string $by,
        public \DateTimeImmutable $at,
        public Told $told = new Told(),
    ) {
    }

    /** Whose hands did it; null: the paper does not say, whoever copies it. */
    public function hands(): ?string
    {
        return $this->told->fromPaper ? null : $this->by;
    }

    /** When it was done, as far as somebody said so; else when it came. */
    public function moment(): \DateTimeImmutable
    {
        return $this->told->doneAt ?? $this->at;
    }

    /** Whether both say the same of the same step, whoever sent them and when. */
    public function says(self $other): bool
    {
        return $this->stepId === $other->stepId
            && $this->corrects === $other->corrects
            && serialize($this->told->withNeedless(null)) === serialize($other->told->withNeedless(null))
            && serialize($this->content->asSent()) === serialize($other->content->asSent());
    }

    /** Whether it stops the work, whatever becomes of it later. */
    public function stopsWork(): bool
    {
        return $this->told->happened || Verdict::Stop === $this->content->verdict();
    }

    /**
     * Whether a record tells it: a plain tick, a slip that was taken back, a pause and cautions that were read say nothing
     * to an owner; releases, parts and what becomes of findings stand above.
     */
    public function isTold(): bool
    {
        return !\in_array($this->content->kind, [
            EntryKind::Tick, EntryKind::TakenBack, EntryKind::Parked, EntryKind::Released, EntryKind::PartUsed, EntryKind::Settled,
            EntryKind::Acknowledged,
        ], true);
    }

    /** As a record shows it; of a correction with its reason. */
    public function asText(): string
    {
        return $this->content->asText()
            .($this->told->happened ? ' (it was not to happen like this)' : '')
            .('' === $this->told->why ? '' : ' (corrected: '.$this->told->why.')');
    }

    /** As if it had been entered when the other was. */
    public function inPlaceOf(self $corrected): self
    {
        $told = null === $this->told->doneAt ? $this->told->doneAt($corrected->told->doneAt) : $this->told;

        return new self($this->uuid, $this->stepId, $this->content, null, $corrected->by, $corrected->at, $told);
    }

    public function withNeedless(Needless $needless): self
    {
        $told = $this->told->withNeedless($needless);

        return new self($this->uuid, $this->stepId, $this->content, $this->corrects, $this->by, $this->at, $told);
    }

    public function saying(EntryContent $content): self
    {
        return new self($this->uuid, $this->stepId, $content, $this->corrects, $this->by, $this->at, $this->told);
    }
}
