<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

/** By which of an engine's first days it is looked for. */
enum DueKind: string
{
    case Due = 'due';
    case Expected = 'expected';
    case NoRecord = 'no_record';
}
