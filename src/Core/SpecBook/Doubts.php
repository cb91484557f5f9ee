<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** What is possible in a sheet and seldom meant: told to whoever enters or reviews it, and no reason to refuse it. */
final readonly class Doubts
{
    /** Spark plugs of one cylinder. */
    private const USUAL_PLUGS = [1, 2];

    /** @return list<string> */
    public static function about(SpecSheet $sheet): array
    {
        return array_values(array_filter([
            self::plugs($sheet),
            self::filter($sheet),
            self::base($sheet),
            self::span($sheet),
        ], \is_string(...)));
    }

    /** The marks of a dipstick span a small part of what is in the sump. */
    private static function span(SpecSheet $sheet): ?string
    {
        $span = $sheet->volume(SheetField::DipstickSpan);
        $capacity = $sheet->volume(SheetField::CapacityWithoutFilter);

        return null !== $span && null !== $capacity && 2 * $span->millilitresUp() > $capacity->millilitresUp()
            ? 'The marks of the dipstick span more than half of the capacity. Look again whether both figures are right.'
            : null;
    }

    private static function plugs(SpecSheet $sheet): ?string
    {
        $cylinders = $sheet->value(SheetField::Cylinders)?->content;
        $plugs = $sheet->part(SheetField::SparkPlug)?->count;
        if (
            !\is_int($cylinders)
            || null === $plugs
            || \in_array($plugs, array_map(static fn (int $each): int => $each * $cylinders, self::USUAL_PLUGS), true)
        ) {
            return null;
        }

        return \sprintf('%d spark plugs for %d cylinders. Look again whether both figures are right.', $plugs, $cylinders);
    }

    private static function filter(SpecSheet $sheet): ?string
    {
        $part = $sheet->part(SheetField::FilterPart)?->number;

        return false === $sheet->flag(SheetField::FilterFitted) && null !== $part
            ? \sprintf('It says that there is no oil filter, and gives the filter\'s number %s. One of the two is wrong.', $part)
            : null;
    }

    /** A sheet without a family has to confirm nothing: with confirmed values, somebody has forgotten to name it. */
    private static function base(SpecSheet $sheet): ?string
    {
        return null === $sheet->base && [] !== $sheet->confirms
            ? 'It confirms values of a family sheet and names none as its base.'
            : null;
    }
}
