<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** A yes-or-no question to the facts of one engine in one order: equals, in, exists, not, and, or; nothing else. */
final readonly class Condition
{
    /**
     * @param 'always'|'equals'|'exists'|'not'|'and'|'or' $kind
     * @param list<string>                          $values
     * @param list<self>                            $parts
     */
    private function __construct(private string $kind, private string $path, private array $values, private array $parts)
    {
    }

    public static function always(): self
    {
        return new self('always', '', [], []);
    }

    public static function isOneOf(string $path, string ...$values): self
    {
        return new self('equals', $path, array_values($values), []);
    }

    public static function exists(string $path): self
    {
        return new self('exists', $path, [], []);
    }

    public static function not(self $part): self
    {
        return new self('not', '', [], [$part]);
    }

    public static function all(self ...$parts): self
    {
        return new self('and', '', [], array_values($parts));
    }

    public static function any(self ...$parts): self
    {
        return new self('or', '', [], array_values($parts));
    }

    /** @return list<string> the paths that it asks */
    public function paths(): array
    {
        return array_merge('' === $this->path ? [] : [$this->path], ...array_map(static fn (self $part): array => $part->paths(), $this->parts));
    }

    public function holds(EngineFacts $facts): bool
    {
        return match ($this->kind) {
            'always' => true,
            'equals' => \in_array($facts->raw($this->path), $this->values, true),
            'exists' => $facts->knows($this->path),
            'not' => !$this->parts[0]->holds($facts),
            'and' => !$this->hasPart(false, $facts),
            'or' => $this->hasPart(true, $facts),
        };
    }

    /** Whether one of its parts answers so. */
    private function hasPart(bool $answer, EngineFacts $facts): bool
    {
        foreach ($this->parts as $part) {
            if ($answer === $part->holds($facts)) {
                return true;
            }
        }

        return false;
    }
}
