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

    /** As it stands at a step: without the columns that only say which rows belong there. */
    public function spoken(): string
    {
        return $this->told(array_values(array_filter($this->columns, static fn (Column $column): bool => !\in_array($column->key, ['place', 'steering', 'tilt'], true))));
    }

    public function text(): string
    {
        return $this->told($this->columns);
    }

    /** @param list<Column> $columns */
    private function told(array $columns): string
    {
        $told = [];
        foreach ($columns as $place => $column) {
            $shown = $this->shown($column);
            if ('' !== $shown) {
                $told[] = 0 === $place ? $shown : \sprintf('%s %s', $column->label, $shown);
            }
        }

        return implode(', ', $told);
    }
}
