<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\ValueKind;

final readonly class OilFields
{
    private const ATTITUDES = ['vertical', 'tilted_up', 'trimmed_in', 'part_way', 'steered_over', 'laid_over'];

    /** @return array<string, FieldSpec> */
    public static function table(): array
    {
        return [...self::engineOil(), ...self::drain(), ...self::filter()];
    }

    /** @return array<string, FieldSpec> */
    private static function engineOil(): array
    {
        return [
            'engineOil.capacityDry' => FieldSpec::of(ValueKind::Volume, 'oil capacity, dry engine'),
            'engineOil.capacityWithFilter' => FieldSpec::of(ValueKind::Volume, 'oil capacity with filter'),
            'engineOil.capacityWithoutFilter' => FieldSpec::of(ValueKind::Volume, 'oil capacity without filter'),
            'engineOil.leftByExtraction' => FieldSpec::of(ValueKind::Volume, 'oil that extraction leaves behind'),
            'engineOil.grades' => FieldSpec::of(ValueKind::Grades, 'oil grades by air temperature'),
            'engineOil.performanceClass' => FieldSpec::of(ValueKind::Text, 'oil performance class'),
            'engineOil.fillCap' => FieldSpec::of(ValueKind::Text, 'place of the fill cap'),
            'engineOil.checkedBy' => FieldSpec::usually('how the oil level is seen', 'dipstick', 'sight_glass', 'level_plug'),
            'engineOil.dipstickLocation' => FieldSpec::of(ValueKind::Text, 'place of the dipstick, sight glass or level plug'),
            'engineOil.dipstickMarks' => FieldSpec::of(ValueKind::Text, 'look of the dipstick\'s marks'),
            'engineOil.dipstickSpan' => FieldSpec::of(ValueKind::Volume, 'volume between the dipstick\'s marks'),
            'engineOil.dipstickBand' => FieldSpec::of(ValueKind::Band, 'target band on the dipstick'),
            'engineOil.readingAttitude' => FieldSpec::choice('attitude for reading the level', 'vertical', 'tilted_up', 'trimmed_in'),
            'engineOil.readingDwell' => FieldSpec::of(ValueKind::Minutes, 'time in that attitude before a reading counts'),
            'engineOil.restAfterRun' => FieldSpec::of(ValueKind::Minutes, 'rest after a run before a reading counts'),
            'engineOil.restAfterPour' => FieldSpec::of(ValueKind::Minutes, 'rest after a pour before a reading counts'),
            'engineOil.runBeforeReading' => FieldSpec::of(ValueKind::Minutes, 'run before the level is read'),
            'engineOil.largestTopUp' => FieldSpec::of(ValueKind::Volume, 'largest single top-up'),
        ];
    }

    /** @return array<string, FieldSpec> */
    private static function drain(): array
    {
        return [
            'drain.kind' => FieldSpec::choice('kind of drain', 'plug', 'valve', 'extraction'),
            'drain.allowed' => FieldSpec::choices('ways of draining that are allowed', 'plug', 'valve', 'extraction'),
            'drain.location' => FieldSpec::of(ValueKind::Text, 'place of the drain'),
            'drain.attitudeBefore' => FieldSpec::choice('attitude before draining, so that the heads drain', ...self::ATTITUDES),
            'drain.dwellBefore' => FieldSpec::of(ValueKind::Minutes, 'time in that attitude before draining'),
            'drain.attitude' => FieldSpec::choice('attitude for draining', ...self::ATTITUDES),
            'drain.fillCapOpen' => FieldSpec::of(ValueKind::Flag, 'fill cap open for air while it drains'),
            'drain.time' => FieldSpec::of(ValueKind::Minutes, 'time to drain'),
            'drain.wrench' => FieldSpec::of(ValueKind::Length, 'wrench for the drain'),
            'drain.seal' => FieldSpec::of(ValueKind::Part, 'drain seal'),
            'drain.closing' => FieldSpec::of(ValueKind::Tightening, 'drain closing figure'),
            'drain.openingLimit' => FieldSpec::of(ValueKind::Turns, 'drain valve opening limit'),
            'drain.hoseBore' => FieldSpec::of(ValueKind::Length, 'drain hose bore'),
            'drain.hoseLength' => FieldSpec::of(ValueKind::Length, 'drain hose length'),
            'drain.secondLocation' => FieldSpec::of(ValueKind::Text, 'place of the second drain'),
            'drain.secondWrench' => FieldSpec::of(ValueKind::Length, 'wrench for the second drain'),
            'drain.secondSeal' => FieldSpec::of(ValueKind::Part, 'seal of the second drain'),
            'drain.secondClosing' => FieldSpec::of(ValueKind::Tightening, 'second drain closing figure'),
            'drain.againAttitude' => FieldSpec::choice('attitude for a second draining', ...self::ATTITUDES),
            'drain.againTime' => FieldSpec::of(ValueKind::Minutes, 'time of the second draining'),
            'drain.panel' => FieldSpec::of(ValueKind::Text, 'side panel over the drain'),
            'drain.panelFasteners' => FieldSpec::of(ValueKind::Text, 'side panel fasteners'),
        ];
    }

    /** @return array<string, FieldSpec> */
    private static function filter(): array
    {
        return [
            'oilFilter.fitted' => FieldSpec::of(ValueKind::Flag, 'oil filter fitted'),
            'oilFilter.kind' => FieldSpec::usually('how the oil filter is built', 'spin_on', 'element'),
            'oilFilter.part' => FieldSpec::of(ValueKind::Part, 'oil filter part number'),
            'oilFilter.wrench' => FieldSpec::of(ValueKind::Length, 'filter wrench diameter, or hexagon of the filter cap'),
            'oilFilter.location' => FieldSpec::of(ValueKind::Text, 'place of the oil filter'),
            'oilFilter.access' => FieldSpec::choice('access to the oil filter', 'open', 'behind_bracket', 'engine_tilted'),
            'oilFilter.inTheWay' => FieldSpec::of(ValueKind::Text, 'what moves aside for the oil filter'),
            'oilFilter.putBack' => FieldSpec::of(ValueKind::Text, 'how it goes back'),
            'oilFilter.notPrimed' => FieldSpec::of(ValueKind::Text, 'why the engine is not turned over to fill the filter'),
            'oilFilter.attitude' => FieldSpec::usually('attitude for the oil filter', 'any', ...self::ATTITUDES),
            'oilFilter.capTool' => FieldSpec::choice('what turns the filter cap', 'hexagon', 'strap'),
            'oilFilter.capSeal' => FieldSpec::of(ValueKind::Part, 'o-ring of the filter cap'),
            'oilFilter.spill' => FieldSpec::choice('how filter spill is caught', 'trough', 'tray', 'shield', 'rags'),
            'oilFilter.spillHoseBore' => FieldSpec::of(ValueKind::Length, 'spill trough hose bore'),
            'oilFilter.spillSeal' => FieldSpec::of(ValueKind::Part, 'spill trough plug seal'),
            'oilFilter.spillClosing' => FieldSpec::of(ValueKind::Tightening, 'spill trough plug closing figure'),
            'oilFilter.gasketLubricant' => FieldSpec::of(ValueKind::Text, 'filter gasket lubricant'),
            'oilFilter.gasketRefused' => FieldSpec::of(ValueKind::Text, 'what the filter gasket must not get'),
            'oilFilter.tightening' => FieldSpec::of(ValueKind::Tightening, 'oil filter tightening'),
        ];
    }
}
