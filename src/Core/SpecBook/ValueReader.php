<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Fastening\TurnsAfterContact;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Fluid\GradeRange;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\Limit;

/** Turns one value of a sheet document into its type; what does not fit is noted as a flaw and comes back as null. */
final readonly class ValueReader
{
    private const SOURCED = ['source', 'page'];

    public static function content(SheetField $field, Cursor $value): Volume|Length|Minutes|Turns|PartNeed|Tightening|GradeChart|DipstickBand|Interval|string|bool|null
    {
        return match ($field->kind()) {
            ValueKind::Volume => self::volume(self::only($value, 'value', 'unit')),
            ValueKind::Length => self::only($value, 'value', 'unit')->attempt(static fn (Cursor $at): Length => Length::of($at->at('value')->string(20), LengthUnit::of($at->at('unit')->string(10)))),
            ValueKind::Minutes => self::minutes(self::only($value, 'value', 'unit')),
            ValueKind::Turns => self::only($value, 'value')->attempt(static fn (Cursor $at): Turns => Turns::of($at->at('value')->string(20))),
            ValueKind::Text => self::only($value, 'value')->at('value')->string(200),
            ValueKind::Choice => self::choice($field, self::only($value, 'value')->at('value')),
            ValueKind::Flag => self::only($value, 'value')->at('value')->bool(),
            ValueKind::Part => self::part(self::only($value, 'part', 'count')),
            ValueKind::Tightening => self::tightening($value),
            ValueKind::Grades => self::grades(self::only($value, 'chart', 'unit')),
            ValueKind::Band => self::only($value, 'low', 'high')->attempt(static fn (Cursor $at): DipstickBand => DipstickBand::of($at->at('low')->string(10), $at->at('high')->string(10))),
            ValueKind::Interval => self::interval(self::only($value, 'first', 'every')),
        };
    }

    private static function only(Cursor $value, string ...$keys): Cursor
    {
        $value->knowsOnly(...$keys, ...self::SOURCED);

        return $value;
    }

    public static function volume(Cursor $value): ?Volume
    {
        return $value->attempt(static fn (Cursor $at): Volume => Volume::of($at->at('value')->string(20), VolumeUnit::of($at->at('unit')->string(10))));
    }

    private static function minutes(Cursor $value): ?Minutes
    {
        if ('min' !== $value->at('unit')->raw()) {
            $value->at('unit')->flaw('Minutes are given in "min".');
        }
        $count = $value->at('value')->int(0, 2880);

        return $value->attempt(static fn (): Minutes => Minutes::of($count));
    }

    private static function choice(SheetField $field, Cursor $value): string
    {
        $text = $value->string(40);
        if ('' !== $text && !\in_array($text, $field->options(), true)) {
            $value->flaw('This must be one of: '.implode(', ', $field->options()).'.');
        }

        return $text;
    }

    private static function part(Cursor $value): PartNeed
    {
        return new PartNeed($value->at('part')->string(40), $value->at('count')->int(1, 100));
    }

    private static function tightening(Cursor $value): ?Tightening
    {
        $kind = $value->at('kind')->string(30);
        if ('turns_after_contact' === $kind) {
            return self::only($value, 'kind', 'min', 'max')->attempt(static fn (Cursor $at): Tightening => TurnsAfterContact::of(Turns::of($at->at('min')->string(20)), Turns::of($at->at('max')->string(20))));
        }
        if ('torque' === $kind) {
            self::only($value, 'kind', 'min', 'nominal', 'max', 'unit', 'thread');

            return $value->attempt(self::torque(...));
        }
        $value->at('kind')->flaw('This must be one of: torque, turns_after_contact.');

        return null;
    }

    /** @throws \FreshTack\Core\ExpectedError if a figure or the unit is unusable */
    private static function torque(Cursor $at): Tightening
    {
        $unit = TorqueUnit::of($at->at('unit')->string(10));
        $figure = static fn (string $key): Torque => Torque::of($at->at($key)->string(20), $unit);

        return TorqueTightening::of($figure('min'), $figure('nominal'), $figure('max'), $at->at('thread')->enum(ThreadState::class));
    }

    private static function grades(Cursor $value): GradeChart
    {
        if ('c' !== $value->at('unit')->raw()) {
            $value->at('unit')->flaw('A grade chart is given in "c".');
        }

        return new GradeChart(...array_filter(array_map(self::grade(...), $value->at('chart')->list(1, 20))));
    }

    private static function grade(Cursor $row): ?GradeRange
    {
        $row->knowsOnly('grade', 'from', 'to', 'preferred');
        $from = $row->at('from')->int(-60, 60);
        $to = $row->at('to')->int(-60, 60);
        if ($from >= $to) {
            $row->flaw('A grade reaches from the colder temperature to the warmer.');
        }

        return $row->attempt(static fn (): GradeRange => new GradeRange($row->at('grade')->string(20), Temperature::ofCelsius($from), Temperature::ofCelsius($to), $row->at('preferred')->bool()));
    }

    private static function interval(Cursor $value): ?Interval
    {
        $every = self::limit($value->at('every'));
        $first = $value->at('first')->isNull() ? null : self::limit($value->at('first'));

        return null === $every ? null : new Interval($first, $every);
    }

    public static function limit(Cursor $limit): ?Limit
    {
        $limit->knowsOnly('hours', 'months');
        $hours = $limit->at('hours')->optionalString(10);
        $months = $limit->at('months')->optionalInt(1, 240);

        return $limit->attempt(static fn (): Limit => Limit::of(null === $hours ? null : EngineHours::of($hours), $months));
    }
}
