<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\TighteningReader;
use FreshTack\Core\Fluid\Aim;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\DipstickSpec;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads the steps, the tightening figures and the dipsticks back from a frozen work order. */
final readonly class BenchPlanReader
{
    /** @throws InvalidDocument if the document is no work order of ours */
    public static function read(mixed $document): BenchPlan
    {
        $cursor = Cursor::over($document);
        $labels = $levels = $capacities = [];
        foreach ($cursor->at('engines')->list() as $engine) {
            $position = $engine->at('position')->string();
            $labels[$position] = $engine->at('label')->string();
            $levels[$position] = $engine->at('level')->isNull() ? null : self::level($engine->at('level'));
            if (!$engine->at('oil')->isNull()) {
                $capacities[$position] = ValueReader::volume($engine->at('oil')->at('capacity'))?->millilitresUp() ?? 0;
            }
        }
        $steps = array_merge(...array_map(static fn (Cursor $operation): array => self::steps($operation, $levels), $cursor->at('operations')->list()));
        $oils = array_map(static fn (Cursor $oil): PulledOil => self::oil($oil, $labels), $cursor->at('oil')->list());
        $cursor->flaws->throwIfAny();

        return new BenchPlan($steps, $labels, $capacities, $oils);
    }

    /** @param array<string, string> $labels by position */
    private static function oil(Cursor $oil, array $labels): PulledOil
    {
        $positions = array_filter(array_map(static fn (string $label): string|false => array_search($label, $labels, true), $oil->at('positions')->strings()), \is_string(...));
        $total = $oil->at('plan')->isNull() ? null : $oil->at('plan')->at('totalMl')->int(0, 10_000_000);

        return new PulledOil($oil->at('grade')->string(), $oil->at('performanceClass')->string(), array_values($positions), null === $total ? null : Volume::whole(max(0, $total)));
    }

    /**
     * @param array<string, Level|null> $levels
     *
     * @return list<BenchStep>
     */
    private static function steps(Cursor $operation, array $levels): array
    {
        $position = $operation->at('position')->optionalString();
        $label = $operation->at('label')->string();
        $title = $operation->at('title')->string();

        return array_map(static fn (Cursor $step): BenchStep => new BenchStep(
            $step->at('id')->string(),
            $position,
            $label,
            $title,
            $step->at('entry')->string(),
            $step->at('must')->bool(),
            $step->at('event')->optionalString(),
            $step->at('tightening')->isNull() ? null : TighteningReader::at($step->at('tightening')),
            $levels[$position ?? ''] ?? null,
        ), $operation->at('steps')->list());
    }

    private static function level(Cursor $level): ?Level
    {
        $volume = static fn (string $key): ?Volume => ValueReader::volume($level->at($key));
        $minutes = static fn (string $key): Minutes => Minutes::of($level->at($key)->int(0, 2880));
        [$span, $most, $step] = [$volume('span'), $volume('topUpMax'), $volume('roundTo')];

        return $level->attempt(static fn (Cursor $at): ?Level => null === $span || null === $most || null === $step ? null : new Level(
            new DipstickSpec($span, DipstickBand::of($at->at('band')->at('low')->string(), $at->at('band')->at('high')->string()), $most, $step, Aim::tryFrom($at->at('aim')->optionalString() ?? '') ?? Aim::Middle),
            $minutes('restAfterRunMin'),
            $minutes('restAfterPourMin'),
        ));
    }
}
