<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;

/** Reads a decoded spec sheet document (docs/formats/spec-sheet.schema.json). */
final readonly class SheetReader
{
    public const FORMAT = 'fresh-tack/spec-sheet/1';

    /** @throws InvalidDocument with every flaw and where it stands */
    public static function read(mixed $document): SpecSheet
    {
        $cursor = Cursor::over($document);
        $sheet = self::at($cursor);
        $cursor->flaws->throwIfAny();

        return $sheet;
    }

    /** For a sheet inside another document: the caller throws for the flaws. */
    public static function at(Cursor $cursor): SpecSheet
    {
        $cursor->knowsOnly('format', 'id', 'revision', 'status', 'author', 'reviewer', 'appliesTo', 'sources', 'values');
        if (self::FORMAT !== $cursor->at('format')->raw()) {
            $cursor->at('format')->flaw('This must be "'.self::FORMAT.'".');
        }
        $head = self::head($cursor);
        $author = $cursor->at('author')->string(80);
        $reviewer = $cursor->at('reviewer')->string(80);
        if ($author === $reviewer && '' !== $author) {
            $cursor->at('reviewer')->flaw('A sheet is reviewed by somebody other than its author.');
        }
        $values = self::values($cursor->at('values'), self::sources($cursor->at('sources')));
        $sheet = new SpecSheet($head, $author, $reviewer, $values);
        self::checkCapacities($sheet, $cursor->at('values'));

        return $sheet;
    }

    private static function head(Cursor $cursor): SheetHead
    {
        $applies = $cursor->at('appliesTo');
        $applies->knowsOnly('maker', 'models', 'serials');
        $models = array_map(static fn (Cursor $model): string => $model->string(20), $applies->at('models')->list(1, 50));
        $ranges = array_map(self::range(...), $applies->at('serials')->list(1, 200));

        return new SheetHead(
            $cursor->at('id')->string(60),
            $cursor->at('revision')->int(1, 9999),
            $cursor->at('status')->enum(SheetStatus::class),
            $applies->at('maker')->string(60),
            [] === $models ? [''] : $models,
            [] === $ranges ? [new SerialRange('', 0, 0)] : $ranges,
        );
    }

    private static function range(Cursor $range): SerialRange
    {
        $range->knowsOnly('prefix', 'from', 'to');
        $from = $range->at('from')->int(0, 999_999_999);
        $to = $range->at('to')->int(0, 999_999_999);
        if ($from > $to) {
            $range->flaw('A range runs from the smaller serial number to the larger.');
        }

        return new SerialRange($range->at('prefix')->string(20), $from, $to);
    }

    /** @return array<string, Source> */
    private static function sources(Cursor $sources): array
    {
        $read = [];
        foreach ($sources->keys() as $key) {
            $source = $sources->at($key);
            $source->knowsOnly('document', 'revision');
            $read[$key] = new Source($source->at('document')->string(200), $source->at('revision')->string(40), '');
        }

        return $read;
    }

    /**
     * @param array<string, Source> $sources
     *
     * @return array<string, SheetValue>
     */
    private static function values(Cursor $values, array $sources): array
    {
        $read = [];
        foreach ($values->keys() as $path) {
            $field = SheetField::tryFrom($path);
            $value = $values->at($path);
            if (null === $field) {
                $value->flaw('No value of this name belongs on a sheet.');
            } elseif (!$value->isNull()) {
                $content = ValueReader::content($field, $value);
                $source = self::source($value, $sources);
                if (null !== $content) {
                    $read[$path] = new SheetValue($field, $content, $source);
                }
            }
        }

        return $read;
    }

    /** @param array<string, Source> $sources */
    private static function source(Cursor $value, array $sources): Source
    {
        $key = $value->at('source')->string(40);
        $page = $value->at('page')->string(40);
        $source = $sources[$key] ?? null;
        if (null === $source && '' !== $key) {
            $value->at('source')->flaw(\sprintf('No source "%s" is listed under "sources".', $key));
        }

        return new Source($source->document ?? '', $source->revision ?? '', $page);
    }

    private static function checkCapacities(SpecSheet $sheet, Cursor $values): void
    {
        $with = $sheet->volume(SheetField::CapacityWithFilter);
        $without = $sheet->volume(SheetField::CapacityWithoutFilter);
        if (null !== $with && null !== $without && $without->isAtLeast($with)) {
            $values->at(SheetField::CapacityWithoutFilter->value)->flaw('The capacity without filter must be less than the capacity with filter.');
        }
    }
}
