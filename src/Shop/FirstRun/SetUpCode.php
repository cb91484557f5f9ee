<?php

declare(strict_types=1);

namespace FreshTack\Shop\FirstRun;

/** Shown in the terminal of the machine, once: whoever types it on the page stands before the machine. */
final readonly class SetUpCode
{
    /** Nothing that is taken for something else when it is read aloud or copied by hand. */
    private const SIGNS = 'ACDEFGHJKLMNPQRTUVWXY34679';
    private const LENGTH = 8;

    private function __construct(#[\SensitiveParameter] public string $text)
    {
    }

    public static function drawn(): self
    {
        $last = \strlen(self::SIGNS) - 1;

        return new self(implode('', array_map(
            static fn (): string => self::SIGNS[random_int(0, $last)],
            range(1, self::LENGTH),
        )));
    }

    /** As somebody types it: small letters, blanks and hyphens do not matter. */
    public static function typed(#[\SensitiveParameter] string $text): self
    {
        return new self(strtoupper(preg_replace('/[^A-Za-z0-9]/', '', $text) ?? ''));
    }

    /** In two halves. */
    public function shown(): string
    {
        return implode('-', str_split($this->text, self::LENGTH / 2));
    }

    public function hash(): string
    {
        return password_hash($this->text, \PASSWORD_BCRYPT, ['cost' => 10]);
    }

    public function fits(string $hash): bool
    {
        return password_verify($this->text, $hash);
    }
}
