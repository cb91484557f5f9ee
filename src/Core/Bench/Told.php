<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** How an entry came to the log: at the bench as it was done, or afterwards from the paper; as it should be, or all the same. */
final readonly class Told
{
    /**
     * @param \DateTimeImmutable|null $doneAt    when it was done, as the paper says; null: when it was entered
     * @param bool                    $fromPaper copied from the printed sheet: its moment says nothing of when it was done
     * @param bool                    $happened  it was not to happen like this, and it did
     * @param string                  $why       of a correction: why the other entry is wrong
     * @param Needless|null           $needless  of a task that is left out: what nothing needs without it; null: nothing falls away
     */
    public function __construct(
        public ?\DateTimeImmutable $doneAt = null,
        public bool $fromPaper = false,
        public bool $happened = false,
        public string $why = '',
        public ?Needless $needless = null,
    ) {
    }

    public function doneAt(?\DateTimeImmutable $at): self
    {
        return new self($at, $this->fromPaper, $this->happened, $this->why, $this->needless);
    }

    public function withNeedless(?Needless $needless): self
    {
        return new self($this->doneAt, $this->fromPaper, $this->happened, $this->why, $needless);
    }
}
