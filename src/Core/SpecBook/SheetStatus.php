<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

enum SheetStatus: string
{
    case Draft = 'draft';
    case Reviewed = 'reviewed';
    case Published = 'published';
    case Withdrawn = 'withdrawn';
}
