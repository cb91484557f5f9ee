<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** Reads models and how their serial numbers are written. */
final readonly class ModelReader
{
    public const FORMAT = 'fresh-tack/models/1';

    /** @return list<EngineModel> */
    public static function all(Cursor $document): array
    {
        $document->knowsOnly('format', 'models');
        if (self::FORMAT !== $document->at('format')->raw()) {
            $document->at('format')->flaw('This must be "'.self::FORMAT.'".');
        }

        return array_values(array_filter(array_map(self::at(...), $document->at('models')->list(1, 5000))));
    }

    public static function at(Cursor $model): ?EngineModel
    {
        $model->knowsOnly('code', 'maker', 'cycle', 'serialPrefixes', 'serialDigits');
        $prefixes = array_map(self::prefix(...), $model->at('serialPrefixes')->list(1, 20));
        $code = $model->at('code')->string(Width::MODEL);
        $maker = $model->at('maker')->string(Width::MAKER);
        $cycle = $model->at('cycle')->enum(Cycle::class);
        $digits = $model->at('serialDigits')->int(1, 9);

        return [] === $prefixes ? null : new EngineModel($code, $maker, $cycle, $prefixes, $digits);
    }

    private static function prefix(Cursor $prefix): string
    {
        $text = $prefix->string(Width::SERIAL_PREFIX);
        if ('' !== $text && 1 !== preg_match('/^[A-Z0-9][A-Z0-9-]*$/', $text)) {
            $prefix->flaw('A serial prefix is capital letters, digits and hyphens, as it stands on the plate.');
        } elseif ('' !== $text && 1 === preg_match('/\d$/', $text)) {
            $prefix->flaw('A serial prefix can\'t end in a digit: nobody could tell where the number begins. End it with its hyphen or letter.');
        }

        return $text;
    }
}
