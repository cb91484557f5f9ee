<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use Brick\Math\BigDecimal;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\CameOut;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Finding\Settlement;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Finding\Spot;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Decimal;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads what was entered at a step; flaws are noted at the field. */
final readonly class EntryReader
{
    private const SAY_WHY = 'Say why: it stands in the record.';
    private const KEPT = 'Y-m-d\TH:i:sp';

    public static function content(EntryKind $kind, Cursor $value): ?EntryContent
    {
        return match ($kind) {
            EntryKind::Tick => EntryContent::tick(),
            EntryKind::Observation => self::observation($value),
            EntryKind::Poured, EntryKind::TakenOut => self::volume($kind, $value->at('volume')),
            EntryKind::Level => self::level($value),
            EntryKind::Torque => self::torque($value),
            EntryKind::Turns => self::turns($value->at('turns')),
            EntryKind::Count => EntryContent::count($value->at('in')->int(0, 999), $value->at('out')->int(0, 999)),
            EntryKind::Parked => self::parked($value),
            EntryKind::TakenBack => EntryContent::takenBack(),
            EntryKind::Acknowledged => EntryContent::acknowledged(),
            EntryKind::Released => EntryContent::released(self::release($value)),
            EntryKind::Measured => EntryContent::measured(array_map(self::placeAnswer(...), $value->at('answers')->list(0, 200))),
            EntryKind::Found => self::found($value),
            EntryKind::Settled => self::settled($value),
            EntryKind::Waited => EntryContent::waited(Minutes::count($value->at('minutes')->int(1, 600))),
            EntryKind::NotDone, EntryKind::Dropped => self::notDone($kind, $value),
            EntryKind::Note => EntryContent::note($value->at('text')->string(500)),
            EntryKind::Decision => EntryContent::decision($value->at('text')->string(500)),
            EntryKind::PartUsed => EntryContent::partUsed($value->at('number')->string(40), $value->at('count')->int(0, 99)),
        };
    }

    private static function placeAnswer(Cursor $answer): PlaceAnswer
    {
        $answer->knowsOnly('place', 'answer', 'figures', 'share', 'renewed', 'words');
        $figures = array_map(
            static fn (Cursor $figure): ?BigDecimal => $figure->attempt(static fn (): BigDecimal => Decimal::parse($figure->string(12))),
            $answer->at('figures')->isNull() ? [] : $answer->at('figures')->list(0, 8),
        );

        return new PlaceAnswer(
            $answer->at('place')->string(40),
            $answer->at('answer')->optionalString(80),
            array_values(array_filter($figures)),
            $answer->at('share')->optionalInt(0, 100),
            !$answer->at('renewed')->isNull() && $answer->at('renewed')->bool(),
            trim($answer->at('words')->optionalString(300) ?? ''),
        );
    }

    private static function found(Cursor $value): EntryContent
    {
        $words = trim($value->at('text')->optionalString(500) ?? '');
        if ('' === $words) {
            $value->at('text')->flaw('Say what it is: it stands in the record.');
        }
        $verdict = $value->at('verdict')->enum(Verdict::class);
        if (Verdict::GoOn === $verdict) {
            $value->at('verdict')->flaw('Say how bad it is: note, finding or stop.');
        }

        return EntryContent::found($value->at('spot')->enum(Spot::class), $words, $verdict);
    }

    private static function settled(Cursor $value): EntryContent
    {
        $how = $value->at('how')->enum(Settlement::class);
        $words = trim($value->at('text')->optionalString(500) ?? '');
        if ('' === $words) {
            $value->at('text')->flaw($how->asks());
        }

        return EntryContent::settled($value->at('entry')->string(40), $value->at('place')->optionalString(40) ?? '', $how, $words);
    }

    public static function told(Cursor $told): Told
    {
        $isTrue = static fn (string $key): bool => !$told->at($key)->isNull() && $told->at($key)->bool();
        $doneAt = $told->at('doneAt')->isNull() ? null : self::instant($told->at('doneAt'));

        $needless = $told->at('needless')->isNull() ? null : new Needless(
            $told->at('needless')->at('works')->strings(),
            $told->at('needless')->at('without')->strings(),
        );

        return new Told($doneAt, $isTrue('fromPaper'), $isTrue('happened'), trim($told->at('why')->optionalString(300) ?? ''), $needless);
    }

    /** @return array<string, array<string, mixed>> as it is kept beside the value; nothing where an entry came as it was done */
    public static function toldValue(Told $told): array
    {
        $all = [
            'doneAt' => $told->doneAt?->format(self::KEPT),
            'fromPaper' => $told->fromPaper,
            'happened' => $told->happened,
            'why' => $told->why,
            'needless' => null === $told->needless ? null : (array) $told->needless,
        ];
        $kept = array_filter($all, static fn (string|bool|array|null $each): bool => !\in_array($each, [null, false, ''], true));

        return [] === $kept ? [] : ['told' => $kept];
    }

    /** A moment in UTC, with or without a fraction of a second. */
    public static function instant(Cursor $at): ?\DateTimeImmutable
    {
        $text = $at->string(40);
        $instant = \DateTimeImmutable::createFromFormat(str_contains($text, '.') ? 'Y-m-d\TH:i:s.vp' : self::KEPT, $text);
        if (false === $instant) {
            $at->flaw('This must be an instant such as 2030-01-31T10:15:00.000Z.');

            return null;
        }

        return $instant->setTimezone(new \DateTimeZone('UTC'));
    }

    private static function observation(Cursor $value): EntryContent
    {
        $seen = $value->at('observation')->string(80);
        $question = Observation::tryFrom($seen)?->question();
        if (null === $question && !str_starts_with($seen, ShopAnswers::OWN)) {
            $value->at('observation')->flaw(\sprintf('"%s" is none of the answers. Load the page again.', $seen));
        }
        $isOfOil = null === $question || 'oil_appearance' === $question;
        foreach (['volume', 'amount'] as $key) {
            if (!$isOfOil && !$value->at($key)->isNull()) {
                $value->at($key)->flaw('How much came out belongs to the look of the oil that was drained.');
            }
        }
        if (!$value->at('volume')->isNull() && !$value->at('amount')->isNull()) {
            $value->at('amount')->flaw('It was measured: then no word is needed.');
        }

        return EntryContent::seenAs(
            $seen,
            $isOfOil && !$value->at('volume')->isNull() ? ValueReader::volume($value->at('volume')) : null,
            $isOfOil && !$value->at('amount')->isNull() ? $value->at('amount')->enum(CameOut::class) : null,
        );
    }

    public static function release(Cursor $value): EngineRelease
    {
        $unfit = $value->at('unfit')->optionalString(500);
        if (null !== $unfit && '' === trim($unfit)) {
            $value->at('unfit')->flaw(self::SAY_WHY);
        }

        return new EngineRelease($unfit, self::said($value->at('explained'), 'deviation', 'words'));
    }

    /**
     * Words that stand in a record, by what they are about.
     *
     * @return array<string, string>
     */
    public static function said(Cursor $list, string $about, string $words): array
    {
        $said = [];
        foreach ($list->isNull() ? [] : $list->list(0, 40) as $each) {
            $each->knowsOnly($about, $words);
            $text = trim($each->at($words)->string(500));
            if ('' === $text) {
                $each->at($words)->flaw(self::SAY_WHY);
            }
            $said[$each->at($about)->string(80)] = $text;
        }

        return $said;
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

    /** A cause says it without words; another one needs them. */
    private static function notDone(EntryKind $kind, Cursor $value): EntryContent
    {
        $cause = $value->at('cause')->isNull() ? null : $value->at('cause')->enum(NotDoneCause::class);
        $isSaid = null !== $cause && NotDoneCause::Other !== $cause;
        $text = $isSaid ? $value->at('text')->optionalString(500) ?? '' : $value->at('text')->string(500);

        $isWhole = !$value->at('whole')->isNull() && $value->at('whole')->bool();

        return EntryKind::Dropped === $kind
            ? EntryContent::dropped(trim($text), $cause)
            : EntryContent::notDone(trim($text), $cause, $isWhole);
    }

    private static function parked(Cursor $value): EntryContent
    {
        $cause = $value->at('waitsFor')->enum(ParkCause::class);
        $text = ParkCause::Other === $cause ? $value->at('text')->string(500) : $value->at('text')->optionalString(500) ?? '';

        return EntryContent::parked($cause, trim($text), $value->at('until')->isNull() ? null : self::instant($value->at('until')));
    }

    private static function level(Cursor $value): ?EntryContent
    {
        $rest = $value->at('restMin')->optionalInt(0, 100_000);
        $text = $value->at('reading')->string(10);

        return '' === $text ? null : $value->at('reading')->attempt(static fn (): EntryContent => EntryContent::level(
            DipstickReading::of($text),
            null === $rest ? null : Minutes::of($rest),
        ));
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
