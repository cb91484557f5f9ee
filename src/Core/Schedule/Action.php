<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** What a schedule asks for when a task is due. */
enum Action: string
{
    case Inspect = 'inspect';
    case Clean = 'clean';
    case Lubricate = 'lubricate';
    case Adjust = 'adjust';
    case Renew = 'renew';
}
