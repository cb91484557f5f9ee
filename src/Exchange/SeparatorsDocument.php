<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\SpecBook\BoatSeparators;

/** A boat's fuel separators, as SeparatorsReader reads them. */
final readonly class SeparatorsDocument
{
    /** @return array{count: string, element: string|null, every: array{hours: string|null, months: int|null}|null} */
    public static function of(BoatSeparators $separators): array
    {
        $every = $separators->every;

        return [
            'count' => $separators->count->value,
            'element' => $separators->element,
            'every' => null === $every ? null : ['hours' => $every->hours?->text(), 'months' => $every->months],
        ];
    }
}
