<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\Schedule\SevereUse;

final readonly class IntervalReader
{
    public static function at(Cursor $value): ?Interval
    {
        $every = self::limit($value->at('every'));
        $first = $value->at('first')->isNull() ? null : self::limit($value->at('first'));
        $action = $value->at('action')->enum(Action::class);
        $severe = $value->at('severe')->isNull() ? null : self::severe($value->at('severe'));

        return null === $every ? null : new Interval($first, $every, $action, $severe);
    }

    private static function severe(Cursor $severe): ?SevereUse
    {
        $severe->knowsOnly('hours', 'months', 'uses');
        $uses = array_map(static fn (Cursor $use): HardUse => $use->enum(HardUse::class), $severe->at('uses')->list(1, \count(HardUse::cases())));
        $limit = self::hoursAndMonths($severe);

        return null === $limit || [] === $uses ? null : new SevereUse($limit, $uses);
    }

    public static function limit(Cursor $limit): ?Limit
    {
        $limit->knowsOnly('hours', 'months');

        return self::hoursAndMonths($limit);
    }

    private static function hoursAndMonths(Cursor $limit): ?Limit
    {
        $hours = $limit->at('hours')->optionalString(10);
        $months = $limit->at('months')->optionalInt(1, 240);

        return $limit->attempt(static fn (): Limit => Limit::of(null === $hours ? null : EngineHours::of($hours), $months));
    }
}
