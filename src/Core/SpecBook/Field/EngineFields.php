<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\ValueKind;

/** Identity, anodes, cooling, belts and valves. */
final readonly class EngineFields
{
    /** @return array<string, FieldSpec> */
    public static function identity(): array
    {
        return [
            'identity.family' => FieldSpec::of(ValueKind::Text, 'family'),
            'identity.power' => FieldSpec::of(ValueKind::Power, 'rated power'),
            'identity.cylinders' => FieldSpec::of(ValueKind::Count, 'cylinders'),
            'identity.steering' => FieldSpec::choice('steering', 'tiller', 'remote', 'either'),
            'identity.tilt' => FieldSpec::choice('tilt', 'manual', 'power', 'either'),
            'identity.shaftLength' => FieldSpec::of(ValueKind::Length, 'shaft length'),
            'identity.rotation' => FieldSpec::choice('rotation', 'standard', 'counter', 'either'),
            'identity.battery' => FieldSpec::usually('battery', 'fitted', 'none'),
        ];
    }

    /** @return array<string, FieldSpec> */
    public static function upkeep(): array
    {
        return [
            'anodes.list' => FieldSpec::table('anodes', ...self::anodes()),
            'anodes.coverTightening' => FieldSpec::of(ValueKind::Tightening, 'inner anode cover tightening'),
            'cooling.by' => FieldSpec::usually('what cools the engine', 'raw_water', 'closed_circuit', 'air'),
            'cooling.thermostat' => FieldSpec::of(ValueKind::Part, 'thermostats'),
            'cooling.sealKind' => FieldSpec::choice('thermostat seal', 'gasket', 'o_ring'),
            'cooling.seal' => FieldSpec::of(ValueKind::Part, 'thermostat gasket or o-ring'),
            'cooling.fasteners' => FieldSpec::table('thermostat cover fasteners', ...Shapes::fasteners()),
            'cooling.tightening' => FieldSpec::of(ValueKind::Tightening, 'thermostat cover tightening'),
            'cooling.clamp' => FieldSpec::of(ValueKind::Part, 'thermostat hose clamp'),
            'belts.accessory' => FieldSpec::of(ValueKind::Part, 'accessory belt'),
            'belts.tools' => FieldSpec::of(ValueKind::Text, 'special tools for the accessory belt'),
            'belts.moves' => FieldSpec::of(ValueKind::Text, 'what is moved to reach the accessory belt'),
            'belts.tensionerTightening' => FieldSpec::of(ValueKind::Tightening, 'belt tensioner tightening'),
            'belts.alternatorTightening' => FieldSpec::of(ValueKind::Tightening, 'alternator tightening'),
            'belts.deflection' => FieldSpec::of(ValueKind::LengthRange, 'accessory belt deflection'),
            'belts.timing' => FieldSpec::choice('timing by', 'belt', 'chain', 'gears'),
            'belts.timingPart' => FieldSpec::of(ValueKind::Part, 'timing belt'),
            'valves.intake' => FieldSpec::of(ValueKind::LengthRange, 'intake valve clearance, cold'),
            'valves.exhaust' => FieldSpec::of(ValueKind::LengthRange, 'exhaust valve clearance, cold'),
            'valves.coverFasteners' => FieldSpec::table('valve cover fasteners', ...Shapes::fasteners()),
            'valves.coverGasket' => FieldSpec::of(ValueKind::Part, 'valve cover gasket'),
            'valves.coverTightening' => FieldSpec::of(ValueKind::Tightening, 'valve cover tightening'),
        ];
    }

    /** @return list<Column> */
    private static function anodes(): array
    {
        return [
            Column::text('location', 'location'),
            Column::choice('place', 'inside or outside', 'external', 'internal'),
            Column::of('part', ColumnKind::Part, 'part'),
            Column::of('count', ColumnKind::Count, 'count'),
            Column::text('access', 'access')->optional(),
            Column::of('seal', ColumnKind::Part, 'seal or grommet')->optional(),
            Column::of('renewAt', ColumnKind::Percent, 'renew at'),
        ];
    }
}
