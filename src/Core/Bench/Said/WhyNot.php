<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Bench\NotDoneCause;

/** Why something was not done. */
final readonly class WhyNot implements Detail
{
    /**
     * @param NotDoneCause|null $cause    null: an entry of before, which has only words
     * @param bool              $whole    not this step alone, but its whole task as far as it has not begun
     * @param bool              $needless nothing that is left of the order needs it
     */
    private function __construct(
        private string $text,
        private ?NotDoneCause $cause,
        public bool $whole,
        public bool $needless,
        private string $beginning,
    ) {
    }

    public static function notDone(string $text, ?NotDoneCause $cause, bool $whole): self
    {
        return new self($text, $cause, $whole, false, $whole ? 'task not done: ' : 'could not: ');
    }

    public static function dropped(string $text, ?NotDoneCause $cause): self
    {
        return new self($text, $cause, false, false, 'task dropped: ');
    }

    public static function needless(): self
    {
        return new self('', null, false, true, 'not needed any more');
    }

    public function why(): string
    {
        return implode(', ', array_filter([$this->cause?->label(), $this->text], static fn (?string $each): bool => '' !== ($each ?? '')));
    }

    public function asText(): string
    {
        return $this->beginning.$this->why();
    }
}
