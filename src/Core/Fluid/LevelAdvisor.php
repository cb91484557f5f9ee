<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * What a dipstick reading means and what to do next. An unsettled reading never leads to oil being added or taken
 * out; nothing is ever added beyond the target at face value, nor more at once than the sheet's largest top-up. As an
 * engine comes in nothing is poured: what it lacks is a finding. The step of the jug is kept where it ends inside the
 * band; where the band is too narrow for it the amount is finer, and said to be.
 */
final readonly class LevelAdvisor
{
    public function advise(LevelQuestion $question, DipstickSpec $dipstick): LevelAdvice
    {
        $missing = $question->restRequired->count - $question->rest->count;
        if ($missing > 0) {
            return new LevelAdvice(Advice::Wait, $missing, 0, \sprintf('The oil has rested %d of %d min: this reading does not count yet.', $question->rest->count, $question->restRequired->count));
        }
        if ($question->isAskedTwice && $question->hasRun) {
            $again = self::again($question->reading, $question->earlier);
            if (null !== $again) {
                return $again;
            }
        }
        if ($question->onArrival) {
            return self::arrived($question, $dipstick);
        }
        if ($question->reading->isAboveTopMark()) {
            return $this->above($question, $dipstick);
        }
        if ($question->reading->fraction->isLessThan($dipstick->band->low)) {
            return $this->below($question, $dipstick);
        }

        return $question->hasRun
            ? new LevelAdvice(Advice::Ok, 0, 0, $this->whereAbove($question, $dipstick))
            : new LevelAdvice(Advice::Run, 0, 0, 'The filter and the passages are still empty: run the engine, then rest and read again.');
    }

    /** @return LevelAdvice|null null: the two agree */
    private static function again(DipstickReading $now, ?EarlierReading $earlier): ?LevelAdvice
    {
        $apart = EarlierReading::APART_MIN;

        return match (true) {
            null === $earlier => new LevelAdvice(
                Advice::Wait,
                $apart,
                0,
                \sprintf('The first of two: read again in %d min. The two must agree.', $apart),
            ),
            !$earlier->isFarEnough() => new LevelAdvice(
                Advice::Wait,
                $apart - $earlier->ago->count,
                0,
                \sprintf('Only %d min after the first of two: the second counts after %d.', $earlier->ago->count, $apart),
            ),
            !$earlier->agreesWith($now) => new LevelAdvice(
                Advice::Wait,
                $apart,
                0,
                \sprintf(
                    'It was %s and is %s now: the oil has not settled. Read again in %d min.',
                    $earlier->reading->text(),
                    $now->text(),
                    $apart,
                ),
            ),
            default => null,
        };
    }

    private function whereAbove(LevelQuestion $question, DipstickSpec $dipstick): string
    {
        return $question->reading->fraction->isGreaterThan($dipstick->band->high)
            ? 'Above the target band but not above the top mark: leave it.'
            : 'Settled and within the target band.';
    }

    private static function arrived(LevelQuestion $question, DipstickSpec $dipstick): LevelAdvice
    {
        $reading = $question->reading;

        return match (true) {
            $reading->isAboveTopMark() => new LevelAdvice(
                Advice::Investigate,
                0,
                0,
                'Above the top mark on arrival: fuel or water in the oil, or an earlier overfill. Find out which before going on.',
            ),
            $reading->isBelowLow() => new LevelAdvice(
                Advice::Low,
                0,
                0,
                'Below the low mark on arrival: it is not run before oil is in. Look for where the oil went, and tell the owner.',
            ),
            $reading->fraction->isLessThan($dipstick->band->low) => new LevelAdvice(
                Advice::Low,
                0,
                0,
                'Below the target band on arrival: it has used oil, or was filled short. Note it for the owner.',
            ),
            default => new LevelAdvice(
                Advice::Ok,
                0,
                0,
                $reading->fraction->isGreaterThan($dipstick->band->high)
                    ? 'Above the target band on arrival, but not above the top mark.'
                    : 'Within the target band on arrival.',
            ),
        };
    }

    /** Before the first run down to the mark only, since the filter takes some; after it down to the middle of the band. */
    private function above(LevelQuestion $question, DipstickSpec $dipstick): LevelAdvice
    {
        if (!$question->hasRun) {
            return new LevelAdvice(
                Advice::TakeOut,
                0,
                max(1, $this->millilitres($question->reading->fraction->minus(1), $dipstick)),
                'Above the top mark: take out down to the mark; the filter and the passages are still empty and take some. Rest and read again.',
            );
        }
        $excess = $this->millilitres($question->reading->fraction->minus($dipstick->band->middle()), $dipstick);
        $toBand = $this->millilitres($question->reading->fraction->minus($dipstick->band->high), $dipstick);
        $amount = $dipstick->inSteps($excess);

        return new LevelAdvice(
            Advice::TakeOut,
            0,
            $amount > $toBand ? $amount : $excess,
            'Above the top mark: take out down to the middle of the target band, rest and read again.',
        );
    }

    private function below(LevelQuestion $question, DipstickSpec $dipstick): LevelAdvice
    {
        $target = $question->hasRun ? $dipstick->aim->within($dipstick->band) : $dipstick->band->low;
        $lacking = $this->millilitres($target->minus($question->reading->fraction), $dipstick);
        $most = min($lacking, $dipstick->topUpMax->millilitresDown());
        $amount = $dipstick->inSteps($most);
        $toBand = $this->millilitres($dipstick->band->low->minus($question->reading->fraction), $dipstick) + 1;
        $isFiner = $question->hasRun && $amount < $toBand && ($most >= $toBand || 0 === $amount);
        if (0 === $amount && !$question->hasRun) {
            return new LevelAdvice(
                Advice::Run,
                0,
                0,
                \sprintf('Only %d ml are lacking, less than the smallest step of %d ml.', $lacking, $dipstick->roundTo->millilitresUp()),
            );
        }
        $to = $question->hasRun ? $dipstick->aim->told() : 'the low edge of the target band, since the engine has not run yet';
        $poured = $isFiner ? max(1, $most) : $amount;

        return new LevelAdvice(Advice::Add, 0, $poured, \sprintf(
            '%d ml are lacking to %s; pour %d ml%s, rest and read again.',
            $lacking,
            $to,
            $poured,
            $isFiner ? \sprintf(', which is finer than the step of %d ml: the band is narrow', $dipstick->roundTo->millilitresUp()) : '',
        ));
    }

    private function millilitres(BigDecimal $share, DipstickSpec $dipstick): int
    {
        return $share->multipliedBy($dipstick->span->millilitresDown())->toScale(0, RoundingMode::Floor)->toInt();
    }
}
