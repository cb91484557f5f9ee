<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\TighteningReader;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthRange;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Mass;
use FreshTack\Core\Quantity\MassUnit;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Power;
use FreshTack\Core\Quantity\PowerUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Interval;

/** Turns one value of a sheet document into its type; what does not fit is noted as a flaw and comes back as null. */
final readonly class ValueReader
{
    /** What may stand beside a value, whatever its kind. */
    public const BESIDE = ['source', 'page', 'by', 'on', 'from', 'confirmed', 'filled'];

    public static function content(SheetField $field, Cursor $value): Volume|Length|LengthRange|Mass|Power|Minutes|Turns|PartNeed|Tightening|GradeChart|DipstickBand|Interval|Choices|Table|string|int|bool|null
    {
        return match ($field->kind()) {
            ValueKind::Volume => self::volume(self::only($value, 'value', 'unit')),
            ValueKind::Length => self::only($value, 'value', 'unit')->attempt(static fn (Cursor $at): Length => Length::of($at->at('value')->string(20), LengthUnit::of($at->at('unit')->string(10)))),
            ValueKind::LengthRange => self::only($value, 'min', 'max', 'unit')->attempt(static fn (Cursor $at): LengthRange => LengthRange::of($at->at('min')->string(20), $at->at('max')->string(20), LengthUnit::of($at->at('unit')->string(10)))),
            ValueKind::Mass => self::only($value, 'value', 'unit')->attempt(static fn (Cursor $at): Mass => Mass::of($at->at('value')->string(20), MassUnit::of($at->at('unit')->string(10)))),
            ValueKind::Power => self::only($value, 'value', 'unit')->attempt(static fn (Cursor $at): Power => Power::of($at->at('value')->string(20), PowerUnit::of($at->at('unit')->string(10)))),
            ValueKind::Minutes => self::minutes(self::only($value, 'value', 'unit')),
            ValueKind::Turns => self::only($value, 'value')->attempt(static fn (Cursor $at): Turns => Turns::of($at->at('value')->string(20))),
            ValueKind::Count => self::only($value, 'value')->at('value')->int(0, 1000),
            ValueKind::Text => self::only($value, 'value')->at('value')->string(200),
            ValueKind::Choice => TableReader::choice(self::only($value, 'value')->at('value'), $field->options()),
            ValueKind::Choices => self::choices($field->options(), self::only($value, 'values')->at('values')),
            ValueKind::Flag => self::only($value, 'value')->at('value')->bool(),
            ValueKind::Part => self::part(self::only($value, 'part', 'count')),
            ValueKind::Tightening => self::tightening($value),
            ValueKind::Grades => GradeReader::at(self::only($value, 'chart', 'unit')),
            ValueKind::Band => self::only($value, 'low', 'high')->attempt(static fn (Cursor $at): DipstickBand => DipstickBand::of($at->at('low')->string(10), $at->at('high')->string(10))),
            ValueKind::Interval => IntervalReader::at(self::only($value, 'first', 'every', 'action', 'severe')),
            ValueKind::Table => TableReader::read(self::only($value, 'rows')->at('rows'), $field->spec()->columns),
        };
    }

    private static function only(Cursor $value, string ...$keys): Cursor
    {
        $value->knowsOnly(...$keys, ...self::BESIDE);

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

    /** @param list<string> $options */
    private static function choices(array $options, Cursor $values): ?Choices
    {
        $chosen = array_map(static fn (Cursor $value): string => TableReader::choice($value, $options), $values->list(1, \count($options)));
        $ordered = array_values(array_filter($options, static fn (string $option): bool => \in_array($option, $chosen, true)));

        return [] === $ordered ? null : new Choices($ordered);
    }

    private static function part(Cursor $value): PartNeed
    {
        return new PartNeed($value->at('part')->string(40), $value->at('count')->int(1, 100));
    }

    private static function tightening(Cursor $value): ?Tightening
    {
        $kind = $value->at('kind')->raw();
        if (\is_string($kind) && isset(TighteningReader::KINDS[$kind])) {
            self::only($value, 'kind', ...TighteningReader::keys($kind));
        }

        return TighteningReader::at($value);
    }
}
