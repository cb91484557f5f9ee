<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** What was said of one place, with what it means. */
final readonly class Judged
{
    /** Of a figure that is set, and lies outside its limits. */
    public const NOT_SET = 'not_set';

    /**
     * @param string $code of the answer, or how the figure lies
     * @param string $text as a record shows it, the place in front
     */
    public function __construct(
        public string $place,
        public string $code,
        public string $text,
        public Verdict $verdict,
        public string $meaning,
        public string $instruction = '',
    ) {
    }

    public static function ofAnswer(AskedPlace $place, Answer $answer, string $words): self
    {
        return new self(
            $place->key,
            $answer->code,
            $place->prefix().$answer->label.('' === $words ? '' : ', '.$words),
            $answer->verdict,
            $answer->meaning,
            $answer->instruction,
        );
    }

    public function worsened(Verdict $verdict, string $meaning): self
    {
        return $verdict->isGraverThan($this->verdict)
            ? new self($this->place, $this->code, $this->text, $verdict, $meaning, $this->instruction)
            : $this;
    }
}
