<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A periodic task that a sheet can schedule. */
enum Task: string
{
    case EngineOil = 'engine_oil';
    case OilFilter = 'oil_filter';

    public function title(): string
    {
        return match ($this) {
            self::EngineOil => 'Engine oil',
            self::OilFilter => 'Oil filter',
        };
    }

    /** The task in whose openings and drain this one is done: without it, it is not done at all. */
    public function within(): ?self
    {
        return self::OilFilter === $this ? self::EngineOil : null;
    }

    public function schedule(): SheetField
    {
        return match ($this) {
            self::EngineOil => SheetField::ScheduleEngineOil,
            self::OilFilter => SheetField::ScheduleOilFilter,
        };
    }
}
