<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** Reads one value of a sheet with what stands beside it: source, author, and the way by which it came. */
final readonly class SheetValueReader
{
    /** @param array<string, Source> $sources by their keys on the sheet */
    public static function at(SheetField $field, Cursor $value, array $sources): ?SheetValue
    {
        $content = ValueReader::content($field, $value);
        $source = self::source($value, $sources);
        $entered = $value->at('by')->isNull() ? null : new Entered($value->at('by')->string(Width::PERSON), $value->at('on')->day());

        return null === $content ? null : new SheetValue($field, $content, $source, self::standing($value, $source), $entered);
    }

    /** @param array<string, Source> $sources */
    private static function source(Cursor $value, array $sources): Source
    {
        if ($value->has('source') && $value->at('source')->isNull()) {
            return Source::none();
        }
        $key = $value->at('source')->string(Width::SOURCE_KEY);
        $page = $value->at('page')->string(Width::PAGE);
        $source = $sources[$key] ?? null;
        if (null === $source && '' !== $key) {
            $value->at('source')->flaw(\sprintf('No source "%s" is listed under "sources".', $key));
        }

        return new Source($source->document ?? '', $source->revision ?? '', $page, self::way($value));
    }

    private static function way(Cursor $value): string
    {
        $filled = $value->at('filled');
        if (!$filled->isNull()) {
            $filled->knowsOnly('by', 'reason');

            return \sprintf(
                'filled in on this order by %s: %s',
                $filled->at('by')->string(Width::PERSON),
                $filled->at('reason')->string(Width::REASON),
            );
        }
        $from = $value->at('from')->optionalString(80);

        return null === $from ? '' : 'from '.$from;
    }

    private static function standing(Cursor $value, Source $source): Standing
    {
        $confirmed = $value->at('confirmed')->isNull() || $value->at('confirmed')->bool();

        return match (true) {
            !$source->isKnown() => Standing::Unsourced,
            !$value->at('filled')->isNull() => Standing::Filled,
            !$confirmed => Standing::Unconfirmed,
            !$value->at('from')->isNull() => Standing::Inherited,
            default => Standing::Own,
        };
    }
}
