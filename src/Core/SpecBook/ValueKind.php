<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** The shape of a sheet's value, which decides how it is written, read, edited and printed. */
enum ValueKind: string
{
    case Volume = 'volume';
    case Length = 'length';
    case LengthRange = 'length_range';
    case Mass = 'mass';
    case Power = 'power';
    case Minutes = 'minutes';
    case Turns = 'turns';
    case Count = 'count';
    case Text = 'text';
    case Choice = 'choice';
    case Choices = 'choices';
    case Flag = 'flag';
    case Part = 'part';
    case Tightening = 'tightening';
    case Grades = 'grades';
    case Band = 'band';
    case Interval = 'interval';
    case Table = 'table';

    /** A wrong one of these breaks an engine: a family's figure counts for a model only once the sheet confirms it. */
    public function isSafetyRelevant(): bool
    {
        return match ($this) {
            self::Volume, self::LengthRange, self::Turns, self::Part, self::Tightening, self::Grades, self::Band, self::Table => true,
            default => false,
        };
    }

    /** Whether hands look for it while they work: a measure, a part, a tightening. */
    public function isFigure(): bool
    {
        return match ($this) {
            self::Text, self::Choice, self::Choices, self::Flag, self::Interval, self::Table, self::Power => false,
            default => true,
        };
    }

    /** @return list<string> the codes of the units that a value of this kind may be given in */
    public function units(): array
    {
        return match ($this) {
            self::Volume => ['ml', 'l', 'us_qt', 'us_gal', 'us_fl_oz', 'imp_qt', 'imp_pt'],
            self::Length, self::LengthRange => ['mm', 'in'],
            self::Mass => ['kg', 'lb'],
            self::Power => ['kw', 'hp'],
            self::Minutes => ['min'],
            self::Tightening => ['nm', 'ft_lb', 'in_lb'],
            self::Grades => ['c', 'f'],
            default => [],
        };
    }
}
