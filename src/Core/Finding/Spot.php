<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** Where on an engine something is, as the drawing has it. */
enum Spot: string
{
    case Cowl = 'cowl';
    case Powerhead = 'powerhead';
    case Fuel = 'fuel';
    case Midsection = 'midsection';
    case Bracket = 'bracket';
    case Gearcase = 'gearcase';
    case Propeller = 'propeller';
    case Boat = 'boat';

    public function label(): string
    {
        return match ($this) {
            self::Cowl => 'cowl',
            self::Powerhead => 'powerhead',
            self::Fuel => 'fuel lines and filters',
            self::Midsection => 'midsection',
            self::Bracket => 'bracket and tilt',
            self::Gearcase => 'gearcase',
            self::Propeller => 'propeller',
            self::Boat => 'boat, steering or wiring',
        };
    }
}
