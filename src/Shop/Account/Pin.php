<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\InvalidDocument;

/** Four digits by which a tablet of the shop, once somebody has signed in there, changes hands. */
final readonly class Pin
{
    private const RUN = '01234567890';

    private function __construct(private string $digits)
    {
    }

    /** @throws InvalidDocument if it is not four digits, or such as anybody tries first */
    public static function chosen(string $typed): self
    {
        $digits = trim($typed);
        if (1 !== preg_match('/^\d{4}$/', $digits)) {
            throw InvalidDocument::at('/pin', 'A PIN has four digits.');
        }
        $isRun = str_contains(self::RUN, $digits) || str_contains(strrev(self::RUN), $digits);
        if ($isRun || 1 === \count(array_unique(str_split($digits)))) {
            throw InvalidDocument::at('/pin', 'Anybody would try this one first. Choose digits that are neither the same nor in a row.');
        }

        return new self($digits);
    }

    public function hash(): string
    {
        return password_hash($this->digits, \PASSWORD_BCRYPT);
    }
}
