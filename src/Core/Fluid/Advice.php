<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

enum Advice: string
{
    case Wait = 'wait';
    case Add = 'add';
    case Run = 'run';
    case Ok = 'ok';
    case TakeOut = 'takeOut';
    case Investigate = 'investigate';
    /** Less than there should be as the engine came in: a finding, and no reason to pour before the drain. */
    case Low = 'low';
}
