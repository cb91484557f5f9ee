<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\SheetField;

/** Every value that a sheet can hold, by path. */
final class FieldTable
{
    /** @var array<string, FieldSpec>|null made once: it never differs */
    private static ?array $table = null;

    public static function of(SheetField $field): FieldSpec
    {
        return self::all()[$field->value];
    }

    /** @return array<string, FieldSpec> */
    public static function all(): array
    {
        return self::$table ??= [...EngineFields::identity(), ...OilFields::table(), ...FuelFields::table(), ...GearcaseFields::table(), ...EngineFields::upkeep(), ...ShopFields::table(), ...ShopFields::boat(), ...ShopFields::schedule()];
    }
}
