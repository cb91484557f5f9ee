<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum UnitKind: string
{
    case Volume = 'volume';
    case Torque = 'torque';
    case Length = 'length';
    case Temperature = 'temperature';
    case Mass = 'mass';
    case Time = 'time';
}
