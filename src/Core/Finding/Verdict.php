<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

enum Verdict: string
{
    case GoOn = 'go_on';
    case Note = 'note';
    case Stop = 'stop';
}
