<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

enum Cycle: string
{
    case FourStroke = 'four_stroke';
    case TwoStroke = 'two_stroke';
    case Electric = 'electric';
    case Diesel = 'diesel';

    public function label(): string
    {
        return match ($this) {
            self::FourStroke => 'four-stroke',
            self::TwoStroke => 'two-stroke',
            self::Electric => 'electric',
            self::Diesel => 'diesel',
        };
    }
}
