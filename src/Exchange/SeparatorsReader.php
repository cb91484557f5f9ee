<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\SpecBook\BoatSeparators;
use FreshTack\Core\SpecBook\IntervalReader;
use FreshTack\Core\SpecBook\SeparatorCount;

/** Reads a boat's fuel separators: `{count, element, every: {hours, months}}`; without them nobody has looked yet. */
final readonly class SeparatorsReader
{
    public static function at(Cursor $separators): BoatSeparators
    {
        if ($separators->isNull()) {
            return new BoatSeparators();
        }
        $separators->knowsOnly('count', 'element', 'every');
        $count = $separators->at('count')->enum(SeparatorCount::class);
        $element = $separators->at('element')->optionalString(Width::PART_NUMBER);
        if (!$count->isFitted()) {
            return new BoatSeparators($count);
        }
        $isSaid = !$separators->at('every')->isNull();
        $every = $isSaid ? IntervalReader::limit($separators->at('every')) : null;
        if (!$isSaid) {
            $separators->at('every')->flaw('Say how often the separator is renewed: hours, months or both.');
        }

        return null === $every ? new BoatSeparators() : new BoatSeparators($count, '' === $element ? null : $element, $every);
    }
}
