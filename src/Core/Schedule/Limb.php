<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

enum Limb: string
{
    case Hours = 'hours';
    case Calendar = 'calendar';
}
