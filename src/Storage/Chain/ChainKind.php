<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

enum ChainKind: string
{
    case Order = 'order';
    case Engine = 'engine';
    case Trail = 'trail';
}
