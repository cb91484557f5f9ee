<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A value of several rows, in the order that matters on the engine: what goes on first stands first. */
final readonly class Table
{
    /** @param non-empty-list<TableRow> $rows */
    public function __construct(public array $rows)
    {
    }

    /** @return list<string> */
    public function partNumbers(): array
    {
        return array_merge(...array_map(static fn (TableRow $row): array => $row->partNumbers(), $this->rows));
    }

    public function text(): string
    {
        return implode('; ', array_map(static fn (TableRow $row): string => $row->text(), $this->rows));
    }
}
