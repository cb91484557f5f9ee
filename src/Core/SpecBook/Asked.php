<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** What may have to be known of an engine beyond model and serial number. */
enum Asked: string
{
    case Year = 'year';
    case Gearcase = 'gearcase';

    public function label(): string
    {
        return self::Year === $this ? 'model year' : 'gearcase variant';
    }
}
