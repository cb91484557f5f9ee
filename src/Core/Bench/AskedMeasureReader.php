<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use Brick\Math\BigDecimal;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\FigureRange;
use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Quantity\Decimal;
use FreshTack\Core\Reading\Cursor;

/** Reads back what a step of a frozen order asks for beside that it was done. */
final readonly class AskedMeasureReader
{
    /** @param Cursor $answers of the order, by the kind of measure */
    public function __construct(private Cursor $answers)
    {
    }

    /** @return AskedMeasure|null null: nothing; or the order is one of before, and takes a tick */
    public function at(Cursor $measure): ?AskedMeasure
    {
        if ($measure->isNull() || $measure->at('places')->isNull()) {
            return null;
        }
        $kind = $measure->at('kind')->enum(Measure::class);
        $places = array_map(self::place(...), $measure->at('places')->list(1));

        return [] === $places ? null : new AskedMeasure($kind, $places, self::answers($this->answers->at($kind->value)));
    }

    /** @return list<Answer> to what is looked at, the trade's in an order of before; none: it is no look */
    public function seenAt(string $entry): array
    {
        $trade = AnswerTable::at($entry);

        return [] === $trade || $this->answers->at($entry)->isNull() ? $trade : self::answers($this->answers->at($entry));
    }

    private static function place(Cursor $place): AskedPlace
    {
        return new AskedPlace(
            $place->at('key')->string(),
            $place->at('label')->optionalString() ?? '',
            $place->at('answers')->isNull() ? null : self::answers($place->at('answers')),
            $place->at('range')->isNull() ? null : new FigureRange(
                self::figure($place->at('range')->at('min')),
                self::figure($place->at('range')->at('max')),
                $place->at('range')->at('unit')->string(),
            ),
            $place->at('renewAt')->optionalInt(0, 100),
            $place->at('part')->optionalString(),
            $place->at('hint')->optionalString() ?? '',
        );
    }

    private static function figure(Cursor $at): ?BigDecimal
    {
        return $at->isNull() ? null : $at->attempt(static fn (): BigDecimal => Decimal::parse($at->string()));
    }

    /** @return list<Answer> */
    private static function answers(Cursor $answers): array
    {
        return $answers->isNull() ? [] : array_map(static fn (Cursor $each): Answer => Answer::kept(
            $each->at('code')->string(),
            $each->at('label')->string(),
            $each->at('verdict')->enum(Verdict::class),
            $each->at('meaning')->string(),
            $each->at('instruction')->optionalString() ?? '',
            !$each->at('asksWords')->isNull() && $each->at('asksWords')->bool(),
        ), $answers->list());
    }
}
