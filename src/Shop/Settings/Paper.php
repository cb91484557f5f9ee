<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

/** What lies in the printer. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** The countries whose offices print on Letter. */
    private const LETTER = ['US', 'CA', 'MX', 'PH', 'CL', 'CO', 'CR', 'DO', 'GT', 'NI', 'PA', 'PR', 'SV', 'VE'];

    public static function usualIn(?string $country): self
    {
        return \in_array($country, self::LETTER, true) ? self::Letter : self::A4;
    }
}
