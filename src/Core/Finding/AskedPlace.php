<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** One of the places at which something is measured or seen: a plug, an anode, a cylinder, a point. */
final readonly class AskedPlace
{
    /**
     * @param string            $key     of this place at its step
     * @param string            $label   empty: there is but one
     * @param list<Answer>|null $answers its own; null: those that the trade has
     * @param FigureRange|null  $range   of a figure
     * @param int|null          $renewAt of a share: so many per cent left, or less, and it is spent; null: nobody says, or
     *                                   it is renewed in any case
     * @param string|null       $part    that lies ready for it in case it is renewed
     * @param string            $hint    what hands need to know there
     */
    public function __construct(
        public string $key,
        public string $label,
        public ?array $answers = null,
        public ?FigureRange $range = null,
        public ?int $renewAt = null,
        public ?string $part = null,
        public string $hint = '',
    ) {
    }

    /** One engine's of several that are asked together. */
    public function of(string $position, string $engine): self
    {
        return new self(
            $position.'.'.$this->key,
            $engine.('' === $this->label ? '' : ', '.$this->label),
            $this->answers,
            $this->range,
            $this->renewAt,
            $this->part,
            $this->hint,
        );
    }

    /** In front of what was found there. */
    public function prefix(): string
    {
        return '' === $this->label ? '' : $this->label.': ';
    }
}
