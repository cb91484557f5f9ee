<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads what was entered at a step; flaws are noted at the field. */
final readonly class EntryReader
{
    public static function content(EntryKind $kind, Cursor $value): ?EntryContent
    {
        return match ($kind) {
            EntryKind::Tick => EntryContent::tick(),
            EntryKind::Observation => EntryContent::observation($value->at('observation')->enum(Observation::class)),
            EntryKind::Poured, EntryKind::TakenOut => self::volume($kind, $value->at('volume')),
            EntryKind::Level => self::level($value),
            EntryKind::Torque => self::torque($value),
            EntryKind::Turns => self::turns($value->at('turns')),
            EntryKind::Count => EntryContent::count($value->at('in')->int(0, 999), $value->at('out')->int(0, 999)),
            EntryKind::NotDone, EntryKind::Note, EntryKind::Decision => EntryContent::words($kind, $value->at('text')->string(500)),
        };
    }

    private static function volume(EntryKind $kind, Cursor $at): ?EntryContent
    {
        $volume = ValueReader::volume($at);

        return match (true) {
            null === $volume => null,
            EntryKind::Poured === $kind => EntryContent::poured($volume),
            default => EntryContent::takenOut($volume),
        };
    }

    private static function level(Cursor $value): ?EntryContent
    {
        $rest = $value->at('restMin')->int(0, 100_000);
        $text = $value->at('reading')->string(10);

        return '' === $text ? null : $value->at('reading')->attempt(static fn (): EntryContent => EntryContent::level(DipstickReading::of($text), Minutes::of($rest)));
    }

    private static function torque(Cursor $value): ?EntryContent
    {
        $wrench = $value->at('wrench')->string(80);
        $torque = $value->at('torque')->string(20);
        $unit = $value->at('unit')->string(10);
        $reason = $value->at('reason')->optionalString(300) ?? '';

        return '' === $torque ? null : $value->at('torque')->attempt(static fn (): EntryContent => EntryContent::torque(Torque::of($torque, TorqueUnit::of($unit)), $wrench, $reason));
    }

    private static function turns(Cursor $at): ?EntryContent
    {
        $turns = $at->string(20);

        return '' === $turns ? null : $at->attempt(static fn (): EntryContent => EntryContent::turns(Turns::of($turns)));
    }
}
