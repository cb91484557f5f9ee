<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\CameOut;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Quantity\Volume;

/** What was seen. */
final readonly class Seen implements Detail
{
    /**
     * @param string      $code    of the answer
     * @param Volume|null $drained of old oil, how much came out; null: nobody measured it
     * @param CameOut|null $amount likewise, in a word; null: nobody says, or it was measured
     * @param Answer|null $answer  of those that the step asks for; null: nobody has looked it up yet
     */
    public function __construct(
        public string $code,
        public ?Volume $drained = null,
        public ?CameOut $amount = null,
        public ?Answer $answer = null,
    ) {
    }

    /** @return string|null what is to be decided about; null: nothing */
    public function finding(): ?string
    {
        return Verdict::Finding === $this->answer?->verdict ? $this->answer->meaning : $this->amount?->meaning();
    }

    /** @param Answer|null $answer of its step; null: it is none of them */
    public function judgedBy(?Answer $answer): self
    {
        return new self($this->code, $this->drained, $this->amount, $answer);
    }

    public function asSent(): self
    {
        return new self($this->code, $this->drained, $this->amount);
    }

    public function asText(): string
    {
        $label = $this->answer->label ?? AnswerTable::find($this->code)->label ?? $this->code;

        return match (true) {
            null !== $this->drained => $label.'; '.$this->drained->inBothUnits().' came out',
            null !== $this->amount => $label.'; '.$this->amount->label(),
            default => $label,
        };
    }
}
