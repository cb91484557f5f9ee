<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

/** What is written down of an engine. */
enum LogKind: string
{
    case Reading = 'reading';
    case Done = 'done';
    case Declined = 'declined';
}
