<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;

/** By which somebody signs in. What makes it hard to guess is its length. */
final readonly class Password
{
    private const SHORTEST = 10;
    /** A shorter user name stands in many words. */
    private const NAME = 4;
    /** The hash looks at no more. */
    private const LONGEST_BYTES = 72;

    private function __construct(#[\SensitiveParameter] public string $text)
    {
    }

    /** A flaw is noted at the field; the caller throws for it. */
    public static function at(Cursor $at, Username $of): self
    {
        $typed = $at->string();
        $wrong = self::wrong($typed, $of);
        if (null !== $wrong && '' !== $typed) {
            $at->flaw($wrong);
        }

        return new self($typed);
    }

    /** @throws InvalidDocument if it is too short, too long, or the name itself */
    public static function chosen(#[\SensitiveParameter] string $typed, Username $of): self
    {
        $wrong = self::wrong($typed, $of);

        return null === $wrong ? new self($typed) : throw InvalidDocument::at('/password', $wrong);
    }

    private static function wrong(#[\SensitiveParameter] string $typed, Username $of): ?string
    {
        return match (true) {
            mb_strlen($typed) < self::SHORTEST => \sprintf(
                'A password has at least %d characters. Three words that have nothing to do with each other are a good one.',
                self::SHORTEST,
            ),
            \strlen($typed) > self::LONGEST_BYTES => \sprintf('This is longer than %d characters.', self::LONGEST_BYTES),
            mb_strlen($of->text) >= self::NAME && str_contains(mb_strtolower($typed), $of->text) => 'The user name is no part of a good password.',
            1 === \count(array_unique(mb_str_split($typed))) => 'The same character again and again is guessed at once.',
            default => null,
        };
    }
}
