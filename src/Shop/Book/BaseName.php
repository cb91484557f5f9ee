<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** A sheet by name and revision. */
final readonly class BaseName
{
    public function __construct(public string $sheet, public int $revision)
    {
    }

    /** @return array{sheet: string, revision: int} */
    public function toArray(): array
    {
        return ['sheet' => $this->sheet, 'revision' => $this->revision];
    }
}
