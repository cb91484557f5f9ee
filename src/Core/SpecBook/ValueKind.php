<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** The shape of a sheet's value, which decides how it is written, read and printed. */
enum ValueKind: string
{
    case Volume = 'volume';
    case Length = 'length';
    case Minutes = 'minutes';
    case Turns = 'turns';
    case Text = 'text';
    case Choice = 'choice';
    case Flag = 'flag';
    case Part = 'part';
    case Tightening = 'tightening';
    case Grades = 'grades';
    case Band = 'band';
    case Interval = 'interval';
}
