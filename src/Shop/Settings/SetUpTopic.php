<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

/** A part of a shop that is set up once, in an order in which each finds what it rests on. */
enum SetUpTopic: string
{
    case Shop = 'shop';
    case Hours = 'hours';
    case Season = 'season';
    case People = 'people';
    case Reviewer = 'reviewer';
    case Parts = 'parts';
    case Models = 'models';
    case Sheets = 'sheets';
    case Oils = 'oils';
    case Wrenches = 'wrenches';
    case Boats = 'boats';
    case Waste = 'waste';

    public function label(): string
    {
        return match ($this) {
            self::Shop => 'Name and address',
            self::Hours => 'Working hours',
            self::Season => 'The season',
            self::People => 'People',
            self::Reviewer => 'A second manager',
            self::Parts => 'Parts and stock',
            self::Models => 'Models',
            self::Sheets => 'Spec sheets',
            self::Oils => 'Oils and containers',
            self::Wrenches => 'Torque wrenches',
            self::Boats => 'Boats and engines',
            self::Waste => 'Waste containers',
        };
    }

    /** What does not work as long as it is missing. */
    public function blocks(): string
    {
        return match ($this) {
            self::Shop => 'The owner\'s record does not say where to find you.',
            self::Hours => 'Ready times count Monday to Friday, 08:00 to 17:00.',
            self::Season => 'Every check-in asks for the air anew, and the grade of oil hangs on it.',
            self::People => 'Nobody but you can work at the bench.',
            self::Reviewer => 'Nobody can review the sheets that you write: they stay drafts.',
            self::Parts => 'No sheet can be taken in that names a part: its number has to be known here first.',
            self::Models => 'No engine is known by its plate.',
            self::Sheets => 'No order can be issued: nothing is known of any engine.',
            self::Oils => 'No order can say which containers of oil to take.',
            self::Wrenches => 'No order names a wrench, and every tightening asks which one it was.',
            self::Boats => 'There is nothing to check in.',
            self::Waste => 'At the close of an order somebody has to write where the waste went.',
        };
    }

    /** The page on which it is entered. */
    public function page(): string
    {
        return match ($this) {
            self::Shop, self::Waste => '/shop',
            self::Hours, self::Season => '/shop/hours',
            self::People, self::Reviewer => '/shop/people',
            self::Parts => '/parts/catalogue',
            self::Models, self::Sheets => '/book/files',
            self::Oils => '/shop/oils',
            self::Wrenches => '/shop/wrenches',
            self::Boats => '/shop/boats',
        };
    }
}
