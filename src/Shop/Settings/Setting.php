<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Order\OrderPolicy;

/** A figure that orders are made with and that shops differ in: what it is, what it is to begin with, and why. */
enum Setting: string
{
    case FirstPourPercent = 'firstPourPercent';
    case ReservePerEngine = 'reservePerEngine';
    case RoundTo = 'roundTo';
    case ChangeMin = 'changeMin';

    public function label(): string
    {
        return match ($this) {
            self::FirstPourPercent => 'First pour',
            self::ReservePerEngine => 'Reserve of oil for each engine',
            self::RoundTo => 'Step of the measuring jug',
            self::ChangeMin => 'Change of engine or place',
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::FirstPourPercent => '% of the capacity',
            self::ReservePerEngine, self::RoundTo => 'ml',
            self::ChangeMin => 'min',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::FirstPourPercent => 'The rest goes in by readings of the dipstick: what is over has to come out again.',
            self::ReservePerEngine => 'Lies ready beside the capacity, for top-ups after the run.',
            self::RoundTo => 'What an order says to pour is a whole number of these steps, down and not up.',
            self::ChangeMin => 'Walking, wiping hands, fetching the next tool: a plan counts it at each change.',
        };
    }

    public function standard(): int
    {
        return match ($this) {
            self::FirstPourPercent => 90,
            self::ReservePerEngine => 250,
            self::RoundTo => 50,
            self::ChangeMin => OrderPolicy::CHANGE_MIN,
        };
    }

    public function least(): int
    {
        return match ($this) {
            self::FirstPourPercent => 50,
            self::ReservePerEngine, self::ChangeMin => 0,
            self::RoundTo => 10,
        };
    }

    public function most(): int
    {
        return match ($this) {
            self::FirstPourPercent => 100,
            self::ReservePerEngine => 2000,
            self::RoundTo => 500,
            self::ChangeMin => 30,
        };
    }

    public function isVolume(): bool
    {
        return 'ml' === $this->unit();
    }
}
