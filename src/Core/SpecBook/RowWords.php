<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Quantity\Length;

/** A row of a table as somebody says it: `4 hex screws, 10 mm; one of them hidden under the intake duct`. */
final readonly class RowWords
{
    /** Columns that say which rows belong somewhere, and are not said aloud there. */
    private const SILENT = ['place', 'steering', 'tilt'];

    public static function of(TableRow $row): string
    {
        return match (true) {
            $row->has('head') => self::fasteners($row),
            $row->has('piece') => self::piece($row),
            $row->has('renewAt') => self::anode($row),
            $row->has('method') => self::lubrication($row),
            $row->has('answers') => self::inspection($row),
            default => $row->told(self::SILENT),
        };
    }

    /** What is said of a point beside its place, where somebody answers for it: `grease gun, marine grease, 3 strokes`. */
    public static function beside(TableRow $row): string
    {
        $limit = $row->words('limit');

        return match (true) {
            $row->has('renewAt') => implode('; ', array_filter([$row->words('part'), $row->words('access')], \is_string(...))),
            $row->has('method') => self::greased($row),
            $row->has('answers') => 'by '.($row->words('by') ?? '').(null === $limit ? '' : ', limit '.$limit),
            default => '',
        };
    }

    private static function fasteners(TableRow $row): string
    {
        $count = $row->number('count') ?? 0;
        $size = $row->cell('size');
        $where = implode(', ', array_filter([$row->words('panel'), $row->words('position')], \is_string(...)));
        $parts = [\sprintf('%s: %d %s%s', $where, $count, self::head($row, $count), $size instanceof Length ? ', '.$size->asGiven() : '')];
        $hidden = $row->number('hidden') ?? 0;
        if ($hidden > 0) {
            $place = null === $row->words('hiddenAt') ? '' : ' '.$row->words('hiddenAt');
            $some = 1 === $hidden ? 'one' : (string) $hidden;
            $parts[] = ($hidden === $count ? 'hidden' : $some.' of them hidden').$place;
        }
        if (null !== $row->words('longAt')) {
            $parts[] = 'the long one goes '.$row->words('longAt');
        }
        $plates = $row->number('loosePlates') ?? 0;
        if ($plates > 0) {
            $parts[] = 1 === $plates ? 'one loose backing plate' : $plates.' loose backing plates';
        }

        return implode('; ', $parts);
    }

    private static function head(TableRow $row, int $count): string
    {
        $head = $row->words('head') ?? '';

        return match ($head) {
            'clip' => 1 === $count ? 'clip' : 'clips',
            default => \sprintf('%s %s', str_replace('_', ' ', $head), 1 === $count ? 'screw' : 'screws'),
        };
    }

    private static function piece(TableRow $row): string
    {
        $count = $row->number('count') ?? 1;
        $part = $row->words('part');

        return implode(', ', array_filter([
            ($count > 1 ? $count.' × ' : '').$row->words('piece').(null === $part ? '' : " ($part)"),
            $row->words('facing'),
        ], \is_string(...)));
    }

    private static function anode(TableRow $row): string
    {
        $seal = $row->words('seal');
        $access = $row->words('access');

        return \sprintf(
            '%s: %d × %s%s; renew at %d %% left or less%s',
            $row->words('location') ?? '',
            $row->number('count') ?? 1,
            $row->words('part') ?? '',
            null === $seal ? '' : ', seal '.$seal,
            $row->number('renewAt') ?? 0,
            null === $access ? '' : '; '.$access,
        );
    }

    private static function lubrication(TableRow $row): string
    {
        return ($row->words('location') ?? '').': '.self::greased($row);
    }

    private static function greased(TableRow $row): string
    {
        $strokes = $row->number('strokes');

        return \sprintf(
            '%s, %s%s',
            str_replace('_', ' ', $row->words('method') ?? ''),
            $row->words('grease') ?? '',
            null === $strokes ? '' : \sprintf(', %d %s', $strokes, 1 === $strokes ? 'stroke' : 'strokes'),
        );
    }

    private static function inspection(TableRow $row): string
    {
        $limit = $row->words('limit');

        return \sprintf(
            '%s, by %s: %s%s. A finding: %s',
            $row->words('zone') ?? '',
            $row->words('by') ?? '',
            implode(', ', $row->texts('answers')),
            null === $limit ? '' : ' (limit '.$limit.')',
            implode(', ', $row->texts('findings')),
        );
    }
}
