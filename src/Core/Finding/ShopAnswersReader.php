<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use FreshTack\Core\Reading\Cursor;

/** Reads what a shop adds to the table of the trade; flaws are noted at the field. */
final readonly class ShopAnswersReader
{
    private const MOST = 20;

    public static function at(Cursor $cursor): ShopAnswers
    {
        $answers = ShopAnswers::none();
        if ($cursor->isNull()) {
            return $answers;
        }
        $cursor->knowsOnly('raised', 'added');
        foreach ($cursor->at('raised')->isNull() ? [] : $cursor->at('raised')->keys() as $code) {
            $at = $cursor->at('raised')->at($code);
            $verdict = $at->enum(Verdict::class);
            $answers = $at->attempt(static fn (): ShopAnswers => $answers->raising($code, $verdict)) ?? $answers;
        }
        foreach ($cursor->at('added')->isNull() ? [] : $cursor->at('added')->keys() as $key) {
            foreach ($cursor->at('added')->at($key)->list(0, self::MOST) as $each) {
                $answers = self::added($each, $key, $answers);
            }
        }

        return $answers;
    }

    private static function added(Cursor $each, string $key, ShopAnswers $answers): ShopAnswers
    {
        $each->knowsOnly('code', 'label', 'verdict', 'meaning');
        $label = $each->at('label')->string(80);
        $meaning = $each->at('meaning')->string(200);
        $verdict = $each->at('verdict')->enum(Verdict::class);
        $code = $each->at('code')->optionalString(80);

        $add = static fn (): ShopAnswers => $answers->adding($key, $code, $label, $verdict, $meaning);

        return '' === $label || '' === $meaning ? $answers : $each->at('label')->attempt($add) ?? $answers;
    }
}
