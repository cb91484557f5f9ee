<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Fastening\WrenchReader;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Plan\WorkingHoursReader;
use FreshTack\Core\Reading\Cursor;

/** What a shop sets once, in parts that are kept one by one. */
enum SettingsPart: string
{
    case Shop = 'shop';
    case Orders = 'orders';
    case Hours = 'hours';
    case Season = 'season';
    case Wrenches = 'wrenches';
    case Waste = 'waste';
    case Places = 'places';

    private const LONGEST_CONTAINER = 80;
    private const MOST_WRENCHES = 100;

    /**
     * What the shop's document holds from now on. Flaws are noted at their fields; the caller throws for them.
     *
     * @return array<string, mixed> by key of the document
     */
    public function read(Cursor $at): array
    {
        return match ($this) {
            self::Shop => self::shop($at),
            self::Orders => ['orderPolicy' => self::orders($at)],
            self::Hours => self::hours($at),
            self::Season => ['airByMonth' => SeasonReader::at($at)],
            self::Wrenches => ['torqueWrenches' => self::wrenches($at)],
            self::Waste => ['wasteContainers' => self::waste($at)],
            self::Places => ['places' => self::places($at)],
        };
    }

    /**
     * As it stands in the shop's document; null where nobody has set it.
     *
     * @return array<mixed>|null
     */
    public function of(Cursor $document): ?array
    {
        $raw = match ($this) {
            self::Shop => Premises::at($document)->toArray(),
            self::Orders => self::ordersOf($document->at('orderPolicy')),
            self::Hours => $document->at('workingHours')->isNull() ? null : [
                'week' => $document->at('workingHours')->raw(),
                'closed' => $document->at('closedDays')->raw() ?? [],
            ],
            self::Season => $document->at('airByMonth')->raw(),
            self::Wrenches => $document->at('torqueWrenches')->raw() ?? [],
            self::Waste => $document->at('wasteContainers')->raw() ?? [],
            self::Places => $document->at('places')->raw() ?? array_column(Place::cases(), 'value'),
        };

        return \is_array($raw) ? $raw : null;
    }

    /** @return array<string, string|null> */
    private static function shop(Cursor $at): array
    {
        $at->knowsOnly('name', 'address', 'phone', 'email', 'country', 'timeZone', 'currency', 'paper');
        $at->needs('address', 'phone', 'email', 'country', 'paper');

        return Premises::at($at)->toArray();
    }

    /** @return array<string, mixed> */
    private static function orders(Cursor $at): array
    {
        $policy = ['prefersGrades' => array_values(array_unique($at->at('prefersGrades')->strings()))];
        foreach (Setting::cases() as $setting) {
            $value = $at->at($setting->value)->int($setting->least(), $setting->most());
            $policy[$setting->value] = $setting->isVolume() ? ['value' => (string) $value, 'unit' => 'ml'] : $value;
        }

        return $policy;
    }

    /** @return array<string, mixed> */
    private static function ordersOf(Cursor $policy): array
    {
        $orders = ['prefersGrades' => $policy->at('prefersGrades')->raw() ?? []];
        foreach (Setting::cases() as $setting) {
            $raw = $policy->at($setting->value)->raw() ?? $setting->standard();
            $orders[$setting->value] = \is_array($raw) && is_numeric($raw['value'] ?? null) ? (int) $raw['value'] : $raw;
        }

        return $orders;
    }

    /** @return array<string, mixed> */
    private static function hours(Cursor $at): array
    {
        WorkingHoursReader::at($at->at('week'), $at->at('closed'));

        return ['workingHours' => $at->at('week')->raw(), 'closedDays' => $at->at('closed')->raw()];
    }

    /** @return list<array<string, mixed>> */
    private static function wrenches(Cursor $at): array
    {
        $known = [];
        foreach ($at->list(0, self::MOST_WRENCHES) as $each) {
            $wrench = WrenchReader::at($each);
            if (null !== $wrench && isset($known[$wrench->id])) {
                $each->at('id')->flaw(\sprintf('There is a wrench %s already.', $wrench->id));
            }
            $known += null === $wrench ? [] : [$wrench->id => $wrench];
        }

        return array_values(array_map(static fn (TorqueWrench $wrench): array => [
            'id' => $wrench->id,
            'fullScale' => ['value' => $wrench->fullScale->given, 'unit' => $wrench->fullScale->unit->value],
            'calibratedOn' => $wrench->calibratedOn->format('Y-m-d'),
            'goodMonths' => $wrench->goodMonths,
        ], $known));
    }

    /** @return array<string, string> by kind */
    private static function waste(Cursor $at): array
    {
        $containers = [];
        foreach (WasteKind::cases() as $kind) {
            $container = $at->at($kind->value)->optionalString(self::LONGEST_CONTAINER);
            $containers += null === $container ? [] : [$kind->value => $container];
        }

        return $containers;
    }

    /** @return list<string> */
    private static function places(Cursor $at): array
    {
        $chosen = array_map(static fn (Cursor $place): Place => $place->enum(Place::class), $at->list(0, 10));
        if ([] === $chosen) {
            $at->flaw('Choose at least one place in which the shop works.');
        }

        return array_values(array_unique(array_column($chosen, 'value')));
    }
}
