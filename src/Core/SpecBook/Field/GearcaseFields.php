<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\ValueKind;

/** Gearcase, propeller, lower unit and water pump. */
final readonly class GearcaseFields
{
    /** @return array<string, FieldSpec> */
    public static function table(): array
    {
        return [...self::gearcase(), ...self::propeller(), ...self::lowerUnit(), ...self::pump()];
    }

    /** @return array<string, FieldSpec> */
    private static function gearcase(): array
    {
        return [
            'gearcase.lubricant' => FieldSpec::of(ValueKind::Text, 'gear lubricant'),
            'gearcase.volume' => FieldSpec::of(ValueKind::Volume, 'gear lubricant volume'),
            'gearcase.drainLocation' => FieldSpec::of(ValueKind::Text, 'place of the gearcase drain'),
            'gearcase.ventLocation' => FieldSpec::of(ValueKind::Text, 'place of the gearcase vent'),
            'gearcase.behindPropeller' => FieldSpec::of(ValueKind::Flag, 'drain behind the propeller, which must come off'),
            'gearcase.screw' => FieldSpec::choice('gearcase screws', 'slotted', 'hex', 'socket', 'torx'),
            'gearcase.seals' => FieldSpec::of(ValueKind::Part, 'seals of the gearcase screws'),
            'gearcase.drainTightening' => FieldSpec::of(ValueKind::Tightening, 'gearcase drain tightening'),
            'gearcase.ventTightening' => FieldSpec::of(ValueKind::Tightening, 'gearcase vent tightening'),
            'gearcase.drainAttitude' => FieldSpec::choice('attitude for draining the gearcase', 'vertical', 'tilted_up', 'trimmed_in'),
            'gearcase.fillAttitude' => FieldSpec::choice('attitude for filling the gearcase', 'vertical', 'tilted_up', 'trimmed_in'),
            'gearcase.drainTime' => FieldSpec::of(ValueKind::Minutes, 'time for the gearcase to drain'),
        ];
    }

    /** @return array<string, FieldSpec> */
    private static function propeller(): array
    {
        return [
            'propeller.stack' => FieldSpec::table('propeller hardware, in the order it goes on', ...Shapes::stack()),
            'propeller.lock' => FieldSpec::choice('propeller nut lock', 'tab_washer', 'cotter_pin', 'lock_nut', 'shear_pin'),
            'propeller.lockPart' => FieldSpec::of(ValueKind::Part, 'tab washer, cotter pin or shear pin to renew'),
            'propeller.socket' => FieldSpec::of(ValueKind::Length, 'propeller nut socket'),
            'propeller.tightening' => FieldSpec::of(ValueKind::Tightening, 'propeller nut tightening'),
            'propeller.grease' => FieldSpec::of(ValueKind::Text, 'propeller shaft grease'),
            'propeller.play' => FieldSpec::of(ValueKind::Length, 'most play of the propeller shaft'),
        ];
    }

    /** @return array<string, FieldSpec> */
    private static function lowerUnit(): array
    {
        return [
            'lowerUnit.fasteners' => FieldSpec::table('lower unit fasteners', ...Shapes::fasteners()),
            'lowerUnit.disconnectFirst' => FieldSpec::table('lines to disconnect first', Column::text('line', 'line')),
            'lowerUnit.refitGear' => FieldSpec::choice('gear position for refitting', 'neutral', 'forward', 'reverse', 'none'),
            'lowerUnit.mass' => FieldSpec::of(ValueKind::Mass, 'mass of the lower unit'),
            'lowerUnit.tightening' => FieldSpec::of(ValueKind::Tightening, 'lower unit tightening'),
        ];
    }

    /** @return array<string, FieldSpec> */
    private static function pump(): array
    {
        return [
            'pump.kit' => FieldSpec::of(ValueKind::Part, 'pump kit'),
            'pump.kitHolds' => FieldSpec::table('what the pump kit holds', ...Shapes::stack()),
            'pump.impeller' => FieldSpec::of(ValueKind::Part, 'impeller'),
            'pump.fasteners' => FieldSpec::table('pump housing fasteners', ...Shapes::fasteners()),
            'pump.tightening' => FieldSpec::of(ValueKind::Tightening, 'pump housing tightening'),
            'pump.turnDriveshaft' => FieldSpec::choice('turn the driveshaft while the housing seats', 'clockwise', 'counterclockwise'),
            'pump.stack' => FieldSpec::table('pump gaskets and plate, in the order they go on', ...Shapes::stack()),
            'pump.greased' => FieldSpec::of(ValueKind::Text, 'what gets grease at the pump'),
            'pump.keptDry' => FieldSpec::of(ValueKind::Text, 'what must not get grease at the pump'),
            'pump.impellerLimit' => FieldSpec::of(ValueKind::Text, 'when the impeller is renewed'),
        ];
    }
}
