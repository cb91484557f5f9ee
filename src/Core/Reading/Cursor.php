<?php

declare(strict_types=1);

namespace FreshTack\Core\Reading;

use FreshTack\Core\ExpectedError;

/**
 * A place in a decoded JSON document that knows its pointer. A wrong or missing value is noted in the shared
 * `Flaws` and a harmless stand-in returned, so that one reading finds all errors; whoever reads must call
 * `Flaws::throwIfAny()` before using what was read.
 */
final readonly class Cursor
{
    private const ONE_LINE = 200;
    private const DAY = '/^(19|20|21)\d\d-\d\d-\d\d$/D';
    /** Control characters, and those that turn the direction of what follows. */
    private const UNSEEN = '/[\p{Cc}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';
    private const UNSEEN_IN_WORDS = '/[^\P{Cc}\n\r\t]|[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    private function __construct(private mixed $value, public string $pointer, public Flaws $flaws)
    {
    }

    public static function over(mixed $document): self
    {
        return new self($document, '', new Flaws());
    }

    public function at(string|int $key): self
    {
        $child = \is_array($this->value) ? ($this->value[$key] ?? null) : null;

        return new self($child, $this->pointer.'/'.(\is_int($key) || false === strpbrk($key, '~/') ? $key : str_replace(['~', '/'], ['~0', '~1'], $key)), $this->flaws);
    }

    public function isNull(): bool
    {
        return null === $this->value;
    }

    public function has(string $key): bool
    {
        return \is_array($this->value) && \array_key_exists($key, $this->value);
    }

    public function raw(): mixed
    {
        return $this->value;
    }

    public function flaw(string $message): void
    {
        $this->flaws->add($this->pointer, $message);
    }

    /** Up to 200 characters are one line, as names and numbers are; what may be longer may have line breaks. */
    public function string(int $most = 2000): string
    {
        $text = \is_string($this->value) ? trim($this->value) : '';
        $flaw = match (true) {
            $this->isNull(), '' === $this->value => 'This is needed.',
            !\is_string($this->value) => 'This must be text.',
            '' === $text => 'This is needed.',
            \strlen($text) > $most && mb_strlen($this->value) > $most => \sprintf('At most %d characters, please.', $most),
            1 === preg_match($most <= self::ONE_LINE ? self::UNSEEN : self::UNSEEN_IN_WORDS, $text) => 'There are characters in it that nobody sees. Type it anew.',
            default => null,
        };
        if (null === $flaw) {
            return $text;
        }
        $this->flaw($flaw);

        return '';
    }

    public function optionalString(int $most = 2000): ?string
    {
        return $this->isNull() || '' === $this->value ? null : $this->string($most);
    }

    public function int(int $least, int $most): int
    {
        if (\is_int($this->value) && $this->value >= $least && $this->value <= $most) {
            return $this->value;
        }
        $this->flaw(\sprintf('This must be a whole number from %d to %d.', $least, $most));

        return $least;
    }

    public function optionalInt(int $least, int $most): ?int
    {
        return $this->isNull() ? null : $this->int($least, $most);
    }

    public function bool(): bool
    {
        if (\is_bool($this->value)) {
            return $this->value;
        }
        $this->flaw('This must be yes or no.');

        return false;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $enum): \BackedEnum
    {
        $found = \is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if (null === $found) {
            $this->flaw('This must be one of: '.implode(', ', array_column($enum::cases(), 'value')).'.');
        }

        return $found ?? $enum::cases()[0];
    }

    /** A calendar day written `YYYY-MM-DD`, from 1900 to 2199, at midnight UTC. */
    public function day(): \DateTimeImmutable
    {
        $text = \is_string($this->value) && 1 === preg_match(self::DAY, $this->value) ? $this->value : '';
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text, new \DateTimeZone('UTC'));
        if (false !== $day && $day->format('Y-m-d') === $text) {
            return $day;
        }
        $this->flaw('This must be a day that exists, from 1900 to 2199, written YYYY-MM-DD.');

        return new \DateTimeImmutable('@0');
    }

    /** @return list<self> */
    public function list(int $least = 0, int $most = 1000): array
    {
        if (!\is_array($this->value) || !array_is_list($this->value)) {
            $this->flaws->addWhole($this->pointer, 'This must be a list.');

            return [];
        }
        $count = \count($this->value);
        if ($count < $least || $count > $most) {
            $this->flaw(\sprintf('This list must have %d to %d entries; it has %d.', $least, $most, $count));
        }

        return array_map($this->at(...), array_keys($this->value));
    }

    /** @return list<string> */
    public function strings(): array
    {
        return array_map(static fn (self $entry): string => $entry->string(), $this->isNull() ? [] : $this->list());
    }

    /** @return list<string> the keys of an object */
    public function keys(): array
    {
        if (\is_array($this->value) && ([] === $this->value || !array_is_list($this->value))) {
            return array_map(strval(...), array_keys($this->value));
        }
        $this->flaws->addWhole($this->pointer, 'This must be an object.');

        return [];
    }

    public function knowsOnly(string ...$keys): void
    {
        foreach ($this->keys() as $key) {
            if (!\in_array($key, $keys, true)) {
                $this->at($key)->flaw('Nothing of this name belongs here.');
            }
        }
    }

    /** Each of these keys is there, be it with null: what is left out is not filled in by us. Asked after all was read. */
    public function needs(string ...$keys): void
    {
        foreach ($keys as $key) {
            $at = $this->at($key);
            if (!$this->has($key) && !$this->flaws->has($at->pointer)) {
                $at->flaw('This is missing. Send null where there is nothing.');
            }
        }
    }

    /**
     * Runs `$make`; an expected error becomes a flaw here and `null` comes back.
     *
     * @template T
     *
     * @param \Closure(self): T $make
     *
     * @return T|null
     */
    public function attempt(\Closure $make): mixed
    {
        try {
            return $make($this);
        } catch (ExpectedError $error) {
            $this->flaw($error->getMessage());

            return null;
        }
    }
}
