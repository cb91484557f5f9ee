<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\SpecBook\Task;

/** What comes off an engine and must not go into the bin or the water. */
enum WasteKind: string
{
    case EngineOil = 'engine_oil';
    case GearLubricant = 'gear_lubricant';
    case OilFilters = 'oil_filters';
    case FuelFilters = 'fuel_filters';
    case FuelAndWater = 'fuel_and_water';

    public function label(): string
    {
        return match ($this) {
            self::EngineOil => 'Used engine oil',
            self::GearLubricant => 'Used gear lubricant',
            self::OilFilters => 'Oil filters, drained',
            self::FuelFilters => 'Fuel filters and separators',
            self::FuelAndWater => 'Fuel and water drawn off',
        };
    }

    /** By pieces; else by volume. */
    public function isCounted(): bool
    {
        return \in_array($this, [self::OilFilters, self::FuelFilters], true);
    }

    /** @return list<Task> those that leave it */
    public function tasks(): array
    {
        return match ($this) {
            self::EngineOil => [Task::EngineOil],
            self::GearLubricant => [Task::GearLubricant],
            self::OilFilters => [Task::OilFilter],
            self::FuelFilters => [Task::FuelFilter, Task::FuelSeparator],
            self::FuelAndWater => [Task::FuelSeparator],
        };
    }
}
