<?php

declare(strict_types=1);

namespace FreshTack\Core\Labour;

use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Reading\Cursor;

final readonly class AllowanceReader
{
    /** Nothing there: none. Minutes without a reason are a flaw at the reason. */
    public static function at(Cursor $allowance): ?Allowance
    {
        if ($allowance->isNull()) {
            return null;
        }
        $allowance->knowsOnly('minutes', 'reason');
        $minutes = $allowance->at('minutes')->int(0, 1440);
        $reason = $allowance->at('reason')->optionalString(200) ?? '';

        return $allowance->at('reason')->attempt(static fn (): Allowance => Allowance::of(Minutes::of($minutes), $reason));
    }
}
