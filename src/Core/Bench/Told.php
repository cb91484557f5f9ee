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
     * @param list<string>            $needless  of a task that is left out: ids of the operations that nothing needs without it
     */
    public function __construct(
        public ?\DateTimeImmutable $doneAt = null,
        public bool $fromPaper = false,
        public bool $happened = false,
        public string $why = '',
        public array $needless = [],
    ) {
    }

    public function doneAt(?\DateTimeImmutable $at): self
    {
        return new self($at, $this->fromPaper, $this->happened, $this->why, $this->needless);
    }

    /** @param list<string> $needless */
    public function withNeedless(array $needless): self
    {
        return new self($this->doneAt, $this->fromPaper, $this->happened, $this->why, $needless);
    }
}
