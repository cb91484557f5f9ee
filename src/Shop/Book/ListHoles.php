<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\SheetHoles;
use FreshTack\Core\SpecBook\SpecSheet;

/** The values that a sheet lacks and that a scheduled task needs, by the trade or by the book's procedure. */
final readonly class ListHoles
{
    public function __construct(private SpecBook $book)
    {
    }

    /** @return list<SheetHole> of all published sheets */
    public function __invoke(): array
    {
        $holes = new SheetHoles($this->book->readProcedures());

        return array_merge(...array_map(static fn (SpecSheet $sheet): array => self::in($sheet, $holes), $this->book->published()));
    }

    /** @return list<SheetHole> */
    public function of(SpecSheet $sheet): array
    {
        return self::in($sheet, new SheetHoles($this->book->readProcedures()));
    }

    /** @return list<SheetHole> */
    private static function in(SpecSheet $sheet, SheetHoles $holes): array
    {
        $missing = $holes->of($sheet);

        return array_map(
            static fn (string $path, array $blocked): SheetHole => new SheetHole($sheet->head, $path, EngineFacts::label($path), $blocked),
            array_keys($missing),
            array_values($missing),
        );
    }
}
