<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\Usage\NewMeter;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Exchange\SeparatorsReader;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\BoatUse;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\NewReading;

/** Customers, boats, engines and readings as a form sends them. Flaws are noted at their fields; the caller throws for them. */
final readonly class RegisterBody
{
    public static function customer(int $id, int $version, Cursor $body): Customer
    {
        $body->knowsOnly('version', 'name', 'email', 'phone');
        $body->needs('email', 'phone');
        $email = $body->at('email')->optionalString(Width::EMAIL);
        if (null !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            $body->at('email')->flaw('This is not an e-mail address. Correct it, or leave it out.');
        }
        $phone = $body->at('phone')->optionalString(Width::PHONE);
        if (null !== $phone && 1 !== preg_match('/^\+?[\d\s()\/-]{4,40}$/', $phone)) {
            $body->at('phone')->flaw('A telephone number has digits, spaces and hyphens, and may begin with +.');
        }

        return new Customer($id, $body->at('name')->string(Width::CUSTOMER_NAME), $email, $phone, $version);
    }

    public static function boat(int $id, int $version, Cursor $body): Boat
    {
        $body->knowsOnly('version', 'name', 'kind', 'registration', 'customerId', 'use');
        $body->needs('registration');
        $use = $body->at('use');
        $use->knowsOnly('water', 'kept', 'commercial', 'months', 'idling', 'silt', 'sharedLockout', 'separators');
        $use->needs('sharedLockout', 'separators');
        $months = array_values(array_unique(array_map(static fn (Cursor $month): int => $month->int(1, 12), $use->at('months')->list(0, 12))));
        sort($months);
        if ([] === $months) {
            $use->at('months')->flaw('Choose at least one month in which the boat is used.');
        }

        return new Boat(
            $id,
            $body->at('name')->string(Width::BOAT_NAME),
            $body->at('kind')->string(Width::BOAT_KIND),
            $body->at('registration')->optionalString(Width::REGISTRATION) ?? '',
            new Customer($body->at('customerId')->int(1, \PHP_INT_MAX), '', null, null),
            new BoatUse(
                self::oneOf($use->at('water'), 'salt', 'brackish', 'fresh'),
                self::oneOf($use->at('kept'), 'moored', 'trailered'),
                $use->at('commercial')->bool(),
                [] === $months ? [1] : $months,
                $use->at('idling')->bool(),
                $use->at('silt')->bool(),
                $use->at('sharedLockout')->bool(),
                SeparatorsReader::at($use->at('separators')),
            ),
            [],
            $version,
        );
    }

    public static function engine(int $id, int $version, Cursor $body): Engine
    {
        $body->knowsOnly('version', 'model', 'serial', 'inService', 'hasMeter', 'year', 'gearcase', 'warrantyUntil');
        $body->needs('year', 'gearcase', 'warrantyUntil');

        return new Engine(
            $id,
            null,
            null,
            $body->at('model')->string(Width::MODEL),
            $body->at('serial')->string(Width::SERIAL),
            $body->at('inService')->day(),
            $body->at('hasMeter')->bool(),
            $body->at('year')->optionalInt(1960, 2100),
            $body->at('gearcase')->optionalString(Width::GEARCASE),
            $body->at('warrantyUntil')->isNull() ? null : $body->at('warrantyUntil')->day(),
            $version,
        );
    }

    public static function reading(Cursor $body): NewReading
    {
        $body->knowsOnly('on', 'hours', 'estimate', 'sure', 'newMeter');
        $meter = $body->at('newMeter');

        return new NewReading(
            $body->at('on')->day(),
            self::hours($body->at('hours')),
            $body->at('estimate')->bool() ? ReadingSource::Estimate : ReadingSource::Counter,
            $body->at('sure')->bool(),
            $meter->isNull() ? null : new NewMeter(self::hours($meter->at('oldEnd')), self::hours($meter->at('newStart'))),
        );
    }

    public static function hours(Cursor $hours): EngineHours
    {
        $text = $hours->string(12);

        return ('' === $text ? null : $hours->attempt(static fn (): EngineHours => EngineHours::of(str_replace(',', '.', $text)))) ?? EngineHours::zero();
    }

    /**
     * @template T of string
     *
     * @param T ...$choices
     *
     * @return T
     */
    private static function oneOf(Cursor $at, string ...$choices): string
    {
        foreach ($choices as $choice) {
            if ($choice === $at->raw()) {
                return $choice;
            }
        }
        $at->flaw('This must be one of: '.implode(', ', $choices).'.');

        return $choices[0];
    }
}
