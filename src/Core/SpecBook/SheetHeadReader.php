<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** Reads which revision of what a sheet is, and the engines it applies to. */
final readonly class SheetHeadReader
{
    public static function at(Cursor $cursor): SheetHead
    {
        $isFamily = !$cursor->at('family')->isNull() && $cursor->at('family')->bool();
        $applies = $cursor->at('appliesTo');
        $applies->knowsOnly('maker', 'models', 'serials', 'years', 'gearcases');
        $most = $isFamily ? 0 : 200;
        $models = array_map(
            static fn (Cursor $model): string => $model->string(Width::MODEL),
            $applies->at('models')->list($isFamily ? 0 : 1, min(50, $most)),
        );
        $ranges = array_map(self::range(...), $applies->at('serials')->list($isFamily ? 0 : 1, $most));
        self::checkOverlap($ranges, $applies->at('serials'));

        return new SheetHead(
            self::id($cursor->at('id')),
            $cursor->at('revision')->int(1, 9999),
            $cursor->at('status')->enum(SheetStatus::class),
            $applies->at('maker')->string(Width::MAKER),
            $models,
            $ranges,
            self::years($applies->at('years')),
            $applies->at('gearcases')->isNull()
                ? []
                : array_map(
                    static fn (Cursor $variant): string => $variant->string(Width::GEARCASE),
                    $applies->at('gearcases')->list(0, 20),
                ),
        );
    }

    private static function id(Cursor $id): string
    {
        $text = $id->string(Width::SHEET_ID);
        if ('' !== $text && 1 !== preg_match('/^[a-z0-9][a-z0-9-]*$/', $text)) {
            $id->flaw('A sheet\'s name is lower-case letters, digits and hyphens.');
        }

        return $text;
    }

    private static function range(Cursor $range): SerialRange
    {
        $range->knowsOnly('prefix', 'from', 'to');
        $from = $range->at('from')->int(0, 999_999_999);
        $to = $range->at('to')->int(0, 999_999_999);
        if ($from > $to) {
            $range->flaw('A range runs from the smaller serial number to the larger.');
        }

        return new SerialRange($range->at('prefix')->string(Width::SERIAL_PREFIX), $from, $to);
    }

    /** @param list<SerialRange> $ranges */
    private static function checkOverlap(array $ranges, Cursor $at): void
    {
        foreach ($ranges as $index => $range) {
            foreach (\array_slice($ranges, 0, $index) as $earlier) {
                if ($earlier->meets($range)) {
                    $at->at($index)->flaw(\sprintf('This range overlaps %s of the same sheet.', $earlier->text()));
                }
            }
        }
    }

    private static function years(Cursor $years): ?YearRange
    {
        if ($years->isNull()) {
            return null;
        }
        $years->knowsOnly('from', 'to');
        $read = new YearRange($years->at('from')->int(1960, 2100), $years->at('to')->int(1960, 2100));
        if ($read->from > $read->to) {
            $years->flaw('Model years run from the earlier to the later.');
        }

        return $read;
    }
}
