<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** The shop as it stands on its papers, and where it is. */
final readonly class Premises
{
    private const LONGEST_ADDRESS = 300;
    /** Prices are kept in hundredths: money that is divided otherwise would be shown wrong. */
    private const PARTS_OF_MONEY = 2;

    private function __construct(
        public string $name,
        public ?string $address,
        public ?string $phone,
        public ?string $email,
        public ?string $country,
        public string $timeZone,
        public string $currency,
        public Paper $paper,
    ) {
    }

    /** Flaws are noted at their fields; the caller throws for them. */
    public static function at(Cursor $at): self
    {
        $email = $at->at('email')->optionalString(Width::EMAIL);
        if (null !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            $at->at('email')->flaw('This is not an e-mail address. Correct it, or leave it out.');
        }
        $country = $at->at('country')->optionalString(2);

        return new self(
            $at->at('name')->string(Width::PERSON),
            $at->at('address')->optionalString(self::LONGEST_ADDRESS),
            $at->at('phone')->optionalString(Width::PHONE),
            $email,
            $country,
            self::zone($at->at('timeZone')),
            self::currency($at->at('currency')),
            $at->at('paper')->isNull() ? Paper::usualIn($country) : $at->at('paper')->enum(Paper::class),
        );
    }

    /** The day on which calendars there begin a week: 1 is Monday, 7 Sunday. Nobody has named a country: Monday. */
    public function firstDayOfWeek(): int
    {
        if (null === $this->country) {
            return 1;
        }
        $sundayFirst = \IntlCalendar::createInstance('UTC', 'en_'.$this->country)->getFirstDayOfWeek();

        return \IntlCalendar::DOW_SUNDAY === $sundayFirst ? 7 : $sundayFirst - 1;
    }

    /** @return array<string, string|null> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'address' => $this->address,
            'phone' => $this->phone,
            'email' => $this->email,
            'country' => $this->country,
            'timeZone' => $this->timeZone,
            'currency' => $this->currency,
            'paper' => $this->paper->value,
        ];
    }

    private static function zone(Cursor $at): string
    {
        $zone = $at->string(60);
        if ('' !== $zone && !\in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            $at->flaw('There is no such time zone. Choose one from the list.');
        }

        return $zone;
    }

    private static function currency(Cursor $at): string
    {
        $currency = $at->string(3);
        if ('' === $currency) {
            return '';
        }
        if (1 !== preg_match('/^[A-Z]{3}$/D', $currency)) {
            $at->flaw('A currency has three capital letters, such as EUR.');

            return '';
        }
        $format = new \NumberFormatter('en', \NumberFormatter::CURRENCY);
        $format->setTextAttribute(\NumberFormatter::CURRENCY_CODE, $currency);
        if (self::PARTS_OF_MONEY !== $format->getAttribute(\NumberFormatter::FRACTION_DIGITS)) {
            $at->flaw('Prices are kept in hundredths, which this currency does not have. Choose another one.');
        }

        return $currency;
    }
}
