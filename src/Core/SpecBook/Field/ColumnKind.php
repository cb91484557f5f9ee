<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

enum ColumnKind: string
{
    case Text = 'text';
    case Texts = 'texts';
    case Choice = 'choice';
    case Count = 'count';
    case Percent = 'percent';
    case Length = 'length';
    case Minutes = 'minutes';
    case Flag = 'flag';
    case Part = 'part';
}
