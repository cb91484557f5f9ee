<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\ValueKind;

/** What one value of a sheet is: its kind, its name in the trade, and the answers or columns it allows. */
final readonly class FieldSpec
{
    /**
     * @param list<string> $options
     * @param list<Column> $columns
     * @param string|null  $usual   the answer of a sheet that says nothing; null: that is a hole
     */
    private function __construct(
        public ValueKind $kind,
        public string $label,
        public array $options = [],
        public array $columns = [],
        public ?string $usual = null,
    ) {
    }

    public static function of(ValueKind $kind, string $label): self
    {
        return new self($kind, $label);
    }

    public static function choice(string $label, string ...$options): self
    {
        return new self(ValueKind::Choice, $label, array_values($options));
    }

    /** How engines are built unless a sheet says otherwise: the first of the options. */
    public static function usually(string $label, string $usual, string ...$others): self
    {
        return new self(ValueKind::Choice, $label, [$usual, ...array_values($others)], [], $usual);
    }

    /** Several of the options, at least one. */
    public static function choices(string $label, string ...$options): self
    {
        return new self(ValueKind::Choices, $label, array_values($options));
    }

    public static function table(string $label, Column ...$columns): self
    {
        return new self(ValueKind::Table, $label, [], array_values($columns));
    }
}
