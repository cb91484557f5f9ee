<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

enum Scope: string
{
    case Rig = 'rig';
    case Engine = 'engine';
}
