<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** The sections of a sheet, as a technician thinks of the engine, and what the boat adds. */
enum SheetGroup: string
{
    case Identity = 'identity';
    case Oil = 'oil';
    case Ignition = 'ignition';
    case Fuel = 'fuel';
    case Gearcase = 'gearcase';
    case Pump = 'pump';
    case Cooling = 'cooling';
    case Anodes = 'anodes';
    case Belts = 'belts';
    case Points = 'points';
    case Covers = 'covers';
    case Times = 'times';
    case Boat = 'boat';
    case Schedule = 'schedule';

    public static function ofPath(string $path): self
    {
        return match (strstr($path, '.', true)) {
            'engineOil', 'drain', 'oilFilter' => self::Oil,
            'ignition' => self::Ignition,
            'fuel' => self::Fuel,
            'gearcase', 'propeller' => self::Gearcase,
            'lowerUnit', 'pump' => self::Pump,
            'cooling' => self::Cooling,
            'anodes' => self::Anodes,
            'belts', 'valves' => self::Belts,
            'points' => self::Points,
            'covers' => self::Covers,
            'kits', 'times', 'tools' => self::Times,
            'boat' => self::Boat,
            'schedule' => self::Schedule,
            default => self::Identity,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Identity => 'Engine',
            self::Oil => 'Oil and filter',
            self::Ignition => 'Ignition',
            self::Fuel => 'Fuel',
            self::Gearcase => 'Gearcase and propeller',
            self::Pump => 'Lower unit and pump',
            self::Cooling => 'Cooling',
            self::Anodes => 'Anodes',
            self::Belts => 'Belts and valves',
            self::Points => 'Points',
            self::Covers => 'Covers',
            self::Times => 'Kits, tools and times',
            self::Boat => 'Boat',
            self::Schedule => 'Schedule',
        };
    }

    /** @return list<self> those of a sheet */
    public static function ofSheets(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $group): bool => self::Boat !== $group));
    }

    /** @return list<SheetField> */
    public function fields(): array
    {
        return array_values(array_filter(SheetField::cases(), fn (SheetField $field): bool => $this === $field->group()));
    }
}
