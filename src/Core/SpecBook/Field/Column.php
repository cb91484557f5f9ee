<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

/** One column of a table on a sheet. */
final readonly class Column
{
    /** @param list<string> $options the answers of a choice */
    private function __construct(public string $key, public ColumnKind $kind, public string $label, public bool $required, public array $options)
    {
    }

    public static function of(string $key, ColumnKind $kind, string $label): self
    {
        return new self($key, $kind, $label, true, []);
    }

    public static function text(string $key, string $label): self
    {
        return self::of($key, ColumnKind::Text, $label);
    }

    public static function choice(string $key, string $label, string ...$options): self
    {
        return new self($key, ColumnKind::Choice, $label, true, array_values($options));
    }

    /** The same column, which a row may leave empty. */
    public function optional(): self
    {
        return new self($this->key, $this->kind, $this->label, false, $this->options);
    }
}
