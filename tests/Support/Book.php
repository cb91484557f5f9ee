<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\SpecBook\Inheritance;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;

/** The demo book's files, as documents. */
final class Book
{
    /** @var list<SpecSheet>|null */
    private static ?array $read = null;
    /** @var list<array<mixed>>|null */
    private static ?array $procedures = null;

    /** @return array<mixed> with what it takes from its family */
    public static function sheet(string $id): array
    {
        $sheet = self::document("book/sheets/$id.json");
        $base = $sheet['base'] ?? null;

        return \is_array($base) && \is_string($base['sheet'] ?? null) ? Inheritance::flatten($sheet, self::document("book/sheets/{$base['sheet']}.json")) : $sheet;
    }

    /** @return list<SpecSheet> all of the demo, with what they take from their families */
    public static function readSheets(): array
    {
        return self::$read ??= array_map(static fn (string $id): SpecSheet => SheetReader::read(self::sheet($id)), self::sheetIds());
    }

    /** @return list<array<mixed>> all of the demo, what belongs to every visit first */
    public static function procedures(): array
    {
        return self::$procedures ??= array_map(static fn (string $id): array => self::read("procedures/$id.json"), ['visit', ...array_diff(self::ids('procedures'), ['visit'])]);
    }

    /** @return list<array<mixed>> */
    public static function proceduresWithout(string $id): array
    {
        return array_values(array_filter(self::procedures(), static fn (array $procedure): bool => $id !== $procedure['id']));
    }

    /** @return list<Procedure> */
    public static function readProcedures(): array
    {
        return array_map(ProcedureReader::read(...), self::procedures());
    }

    /** @return list<string> ids of all sheets */
    public static function sheetIds(): array
    {
        return self::ids('demo/book/sheets');
    }

    /** @return list<string> */
    private static function ids(string $folder): array
    {
        $files = glob(\dirname(__DIR__, 2)."/$folder/*.json");

        return array_map(static fn (string $file): string => basename($file, '.json'), false === $files ? [] : $files);
    }

    /** @return array<mixed> */
    public static function document(string $file): array
    {
        return self::read('demo/'.$file);
    }

    /** @return array<mixed> */
    private static function read(string $file): array
    {
        $decoded = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/'.$file), true, 64, \JSON_THROW_ON_ERROR);

        return \is_array($decoded) ? $decoded : throw new \LogicException($file.' holds no object.');
    }

    /**
     * A copy with one value set, or taken out if it is null and `$unset` is true.
     *
     * @param array<mixed>     $document
     * @param list<string|int> $path
     *
     * @return array<mixed>
     */
    public static function with(array $document, array $path, mixed $value, bool $unset = false): array
    {
        $key = array_shift($path) ?? throw new \LogicException('A path is needed.');
        if ([] === $path) {
            if ($unset) {
                unset($document[$key]);
            } else {
                $document[$key] = $value;
            }

            return $document;
        }
        $inner = $document[$key] ?? [];
        $document[$key] = self::with(\is_array($inner) ? $inner : [], $path, $value, $unset);

        return $document;
    }
}
