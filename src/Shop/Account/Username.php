<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

/** The name of an account as it is kept and compared, letter by letter: small letters, composed, no blanks around. */
final readonly class Username
{
    private const LONGEST = 60;

    private function __construct(public string $text)
    {
    }

    /** However it was typed. What is longer than a name can be is cut: it is nobody's. */
    public static function typed(string $typed): self
    {
        $composed = \Normalizer::normalize(mb_scrub($typed), \Normalizer::FORM_C);

        return new self(mb_substr(mb_strtolower(trim(\is_string($composed) ? $composed : '')), 0, self::LONGEST + 1));
    }
}
