<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** One of the answers to what is seen: what it means, and what follows from it. */
final readonly class Answer
{
    /** What is done at once where nothing more particular is said. */
    public const CALL = 'Stop. Make the engine safe, and call the lead technician.';

    /**
     * @param string $code        stays the same when the label is worded anew
     * @param string $instruction what the technician must do at once; empty: nothing beside deciding
     * @param bool   $asksWords   it is nothing without saying where, or what
     */
    private function __construct(
        public string $code,
        public string $label,
        public Verdict $verdict,
        public string $meaning,
        public string $instruction = '',
        public bool $asksWords = false,
    ) {
    }

    public static function usual(string $code, string $label, string $meaning = 'as it should be'): self
    {
        return new self($code, $label, Verdict::GoOn, $meaning);
    }

    public static function note(string $code, string $label, string $meaning): self
    {
        return new self($code, $label, Verdict::Note, $meaning);
    }

    /** As it was frozen in an order. */
    public static function kept(string $code, string $label, Verdict $verdict, string $meaning, string $instruction, bool $asksWords): self
    {
        return new self($code, $label, $verdict, $meaning, $instruction, $asksWords);
    }

    /** @param string $meaning what it means, and what is to be done about it */
    public static function finding(string $code, string $label, string $meaning, bool $asksWords = false): self
    {
        return new self($code, $label, Verdict::Finding, $meaning, '', $asksWords);
    }

    public static function stop(string $code, string $label, string $meaning, string $instruction): self
    {
        return new self($code, $label, Verdict::Stop, $meaning, $instruction);
    }
}
