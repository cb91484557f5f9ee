<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\ValueKind;

/** Ignition and the engine's own fuel filter. */
final readonly class FuelFields
{
    /** @return array<string, FieldSpec> */
    public static function table(): array
    {
        return [
            'ignition.plug' => FieldSpec::of(ValueKind::Part, 'spark plugs'),
            'ignition.gap' => FieldSpec::of(ValueKind::LengthRange, 'spark plug gap'),
            'ignition.socket' => FieldSpec::of(ValueKind::Length, 'spark plug socket'),
            'ignition.tightening' => FieldSpec::of(ValueKind::Tightening, 'spark plug tightening'),
            'ignition.cover' => FieldSpec::of(ValueKind::Text, 'cover over the plugs'),
            'ignition.coverFasteners' => FieldSpec::table('fasteners of the plug cover', ...Shapes::fasteners()),
            'ignition.leads' => FieldSpec::choice('coils or leads', 'coils', 'leads'),
            'fuel.filterKind' => FieldSpec::choice('kind of fuel filter on the engine', 'inline', 'bowl', 'cartridge'),
            'fuel.part' => FieldSpec::of(ValueKind::Part, 'fuel filter part number'),
            'fuel.location' => FieldSpec::of(ValueKind::Text, 'place of the fuel filter'),
            'fuel.flowArrow' => FieldSpec::of(ValueKind::Text, 'which way the flow arrow points'),
            'fuel.clamps' => FieldSpec::of(ValueKind::Part, 'clamps or ties to renew'),
            'fuel.seal' => FieldSpec::of(ValueKind::Part, 'fuel filter o-ring'),
            'fuel.connectors' => FieldSpec::of(ValueKind::Text, 'quick connectors'),
            'fuel.waterSensor' => FieldSpec::of(ValueKind::Flag, 'water sensor in the fuel filter'),
            'fuel.tightening' => FieldSpec::of(ValueKind::Tightening, 'fuel filter tightening'),
            'fuel.offOrder' => FieldSpec::table('order of taking off', Column::text('step', 'step')),
            'fuel.onOrder' => FieldSpec::table('order of putting on', Column::text('step', 'step')),
            'fuel.movesAsideFor' => FieldSpec::of(ValueKind::Text, 'has to move aside for'),
            'fuel.tank' => FieldSpec::usually('fuel tank', 'in_the_boat', 'portable', 'on_the_engine'),
        ];
    }
}
