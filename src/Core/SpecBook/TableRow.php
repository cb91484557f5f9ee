<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Field\Column;
use FreshTack\Core\SpecBook\Field\ColumnKind;

/** One row of a table: a cell that the sheet leaves empty is null. */
final readonly class TableRow
{
    /**
     * @param list<Column>                                                        $columns
     * @param array<string, string|int|bool|Length|Minutes|non-empty-list<string>> $cells   by column key
     */
    public function __construct(public array $columns, private array $cells)
    {
    }

    /** @return string|int|bool|Length|Minutes|non-empty-list<string>|null */
    public function cell(string $key): string|int|bool|Length|Minutes|array|null
    {
        return $this->cells[$key] ?? null;
    }

    public function words(string $key): ?string
    {
        $cell = $this->cell($key);

        return \is_string($cell) ? $cell : null;
    }

    /** @return list<string> */
    public function partNumbers(): array
    {
        $columns = array_filter($this->columns, static fn (Column $column): bool => ColumnKind::Part === $column->kind);

        return array_values(array_filter(array_map(fn (Column $column): ?string => $this->words($column->key), $columns), \is_string(...)));
    }

    /** The cell as it is read aloud, with its unit; empty for an empty one. */
    public function shown(Column $column): string
    {
        $cell = $this->cell($column->key);

        return match (true) {
            null === $cell => '',
            $cell instanceof Length => $cell->asGiven(),
            $cell instanceof Minutes => $cell->count.' min',
            \is_bool($cell) => $cell ? 'yes' : 'no',
            \is_array($cell) => implode(' / ', $cell),
            ColumnKind::Percent === $column->kind => $cell.' %',
            ColumnKind::Choice === $column->kind => str_replace('_', ' ', (string) $cell),
            default => (string) $cell,
        };
    }

    public function has(string $key): bool
    {
        return [] !== array_filter($this->columns, static fn (Column $column): bool => $key === $column->key);
    }

    public function number(string $key): ?int
    {
        $cell = $this->cell($key);

        return \is_int($cell) ? $cell : null;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $cell = $this->cell($key);

        return \is_array($cell) ? $cell : [];
    }

    /** As it stands at a step. */
    public function spoken(): string
    {
        return RowWords::of($this);
    }

    public function text(): string
    {
        return $this->told([]);
    }

    /** @param list<string> $without keys of columns that are left out */
    public function told(array $without): string
    {
        $told = [];
        foreach ($this->columns as $place => $column) {
            $shown = \in_array($column->key, $without, true) ? '' : $this->shown($column);
            if ('' !== $shown) {
                $told[] = 0 === $place ? $shown : \sprintf('%s %s', $column->label, $shown);
            }
        }

        return implode(', ', $told);
    }
}
