<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\InvalidDocument;

/** JSON that somebody wrote: finds the line at which it stops to be that, and keys that stand in one object twice. */
final class JsonText
{
    private const TOKEN = '~\G
        (?<blank>[ \t\n\r]+)
        |(?<string>"(?:[^"\\\\\x00-\x1F]|\\\\(?:["\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+")
        |(?<scalar>-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null)
        |(?<mark>[{}\[\]:,])
        ~Ax';

    /** Objects and lists that may stand one within the other; no document of the shop comes near. */
    private const DEEPEST = 64;

    private int $at = 0;
    private int $depth = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** @throws InvalidDocument naming the line */
    public static function check(string $text): void
    {
        (new self($text))->document();
    }

    /** Whether a key may stand twice in one object: an object has as many keys as were written, or fewer. */
    public static function mayRepeatKeys(string $text, mixed $decoded): bool
    {
        $written = preg_match_all('~"(?:[^"\\\\]|\\\\.)*+"(\s*:)?~', $text, $found);

        return false === $written
            || \count(array_filter($found[1], static fn (string $colon): bool => '' !== $colon)) !== self::keys($decoded);
    }

    private static function keys(mixed $decoded): int
    {
        if (!\is_array($decoded)) {
            return 0;
        }
        $own = array_is_list($decoded) && [] !== $decoded ? 0 : \count($decoded);

        return $own + array_sum(array_map(self::keys(...), $decoded));
    }

    /** @throws InvalidDocument */
    private function document(): void
    {
        $this->value($this->next());
        if ('' !== $this->next()) {
            throw $this->fault('there is something behind its end');
        }
    }

    /** @throws InvalidDocument */
    private function value(string $token): void
    {
        match (true) {
            '{' === $token => $this->within($this->members(...)),
            '[' === $token => $this->within($this->entries(...)),
            \in_array($token, ['', '}', ']', ':', ','], true) => throw $this->unexpected($token, "a value was expected, not $token"),
            default => null,
        };
    }

    /**
     * @param \Closure(): void $inner
     *
     * @throws InvalidDocument
     */
    private function within(\Closure $inner): void
    {
        if (++$this->depth > self::DEEPEST) {
            throw InvalidDocument::at('', \sprintf('Line %d: more than %d objects and lists stand one within the other.', $this->line(), self::DEEPEST));
        }
        $inner();
        --$this->depth;
    }

    /** @throws InvalidDocument */
    private function members(): void
    {
        $keys = [];
        for ($token = $this->next(); '}' !== $token; $token = $this->next()) {
            if ([] !== $keys) {
                ',' === $token || throw $this->unexpected($token, 'a comma or } is missing');
                $token = $this->next();
            }
            str_starts_with($token, '"') || throw $this->unexpected($token, 'a key in quotes was expected');
            $key = json_decode($token);
            $name = \is_string($key) ? $key : $token;
            isset($keys["k$name"])
                && throw $this->fault(\sprintf('"%s" stands in this object twice. Keep one of them', mb_strimwidth($name, 0, 60, '…')));
            $keys["k$name"] = true;
            $colon = $this->next();
            ':' === $colon || throw $this->unexpected($colon, 'a colon is missing behind the key');
            $this->value($this->next());
        }
    }

    /** @throws InvalidDocument */
    private function entries(): void
    {
        $first = true;
        for ($token = $this->next(); ']' !== $token || !$first; $token = $this->next()) {
            if ($first) {
                $this->value($token);
            } elseif (']' === $token) {
                return;
            } else {
                ',' === $token || throw $this->unexpected($token, 'a comma or ] is missing');
                $this->value($this->next());
            }
            $first = false;
        }
    }

    /**
     * @return string the next token; empty at the end
     *
     * @throws InvalidDocument
     */
    private function next(): string
    {
        while ($this->at < \strlen($this->text)) {
            if (1 !== preg_match(self::TOKEN, $this->text, $found, 0, $this->at)) {
                throw $this->fault('there is a character that does not belong here');
            }
            $this->at += \strlen($found[0]);
            if ('' === $found['blank']) {
                return $found[0];
            }
        }

        return '';
    }

    private function unexpected(string $token, string $what): InvalidDocument
    {
        return $this->fault('' === $token ? 'it ends too early' : $what);
    }

    private function fault(string $what): InvalidDocument
    {
        return InvalidDocument::at('', \sprintf('Line %d: this is not valid JSON, %s.', $this->line(), $what));
    }

    private function line(): int
    {
        return 1 + substr_count(substr($this->text, 0, max(0, $this->at - 1)), "\n");
    }
}
