<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

/** A part as the form sends it. */
final readonly class SpareSeal
{
    public const PART = [
        'number' => 'QV-1',
        'description' => 'Seal',
        'maker' => 'Kestrane',
        'origin' => 'maker',
        'packSize' => 1,
        'bin' => 'A1',
        'inStock' => 1,
        'priceMinor' => 95,
        'supersededBy' => null,
        'kit' => [],
        'onOrder' => 0,
        'arrivesOn' => null,
        'substituteFor' => null,
    ];
}
