<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

enum RemovedKind: string
{
    case Boat = 'boat';
    case Engine = 'engine';
    case Customer = 'customer';
}
