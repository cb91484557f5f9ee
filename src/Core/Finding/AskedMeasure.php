<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use Brick\Math\BigDecimal;
use FreshTack\Core\Plan\Position;

/** What a step asks for beside that it was done, place by place, and what the answers mean. */
final readonly class AskedMeasure
{
    /** So far beyond its limit a figure is a slip of the finger, as a multiple of the limit. */
    private const ABSURD = 10;
    /** Of fewer plugs nobody can say which of them is unlike the rest. */
    private const A_SET = 3;

    /**
     * @param non-empty-list<AskedPlace> $places
     * @param list<Answer>               $answers that hold for places without their own
     */
    public function __construct(public Measure $measure, public array $places, public array $answers)
    {
    }

    /**
     * The same of several engines.
     *
     * @param non-empty-array<string, self> $each by position
     */
    public static function ofEngines(array $each): self
    {
        $places = [];
        foreach ($each as $position => $asked) {
            $label = Position::from($position)->label();
            array_push($places, ...array_map(static fn (AskedPlace $place): AskedPlace => $place->of($position, $label), $asked->places));
        }

        return new self(reset($each)->measure, $places, reset($each)->answers);
    }

    /**
     * @param list<PlaceAnswer> $given
     *
     * @return non-empty-list<Judged> in the order of the places
     *
     * @throws InvalidAnswer if a place is not answered, an answer is unknown, or a figure can't be
     */
    public function judge(array $given): array
    {
        $byPlace = [];
        foreach ($given as $each) {
            $place = $this->place($each->place) ?? throw InvalidAnswer::unknownPlace($each->place);
            !isset($byPlace[$each->place]) || throw InvalidAnswer::twice($place);
            $byPlace[$each->place] = $each;
        }

        return $this->asSet(array_map(
            fn (AskedPlace $place): Judged => $this->judged($place, $byPlace[$place->key] ?? throw InvalidAnswer::missing($place)),
            $this->places,
        ));
    }

    public function place(string $key): ?AskedPlace
    {
        return array_values(array_filter($this->places, static fn (AskedPlace $place): bool => $key === $place->key))[0] ?? null;
    }

    /** @return list<Answer> */
    public function answersAt(AskedPlace $place): array
    {
        return $place->answers ?? $this->answers;
    }

    /** @throws InvalidAnswer */
    private function judged(AskedPlace $place, PlaceAnswer $given): Judged
    {
        return match ($this->measure->form()) {
            AnswerForm::Choice => $this->chosen($place, $given),
            AnswerForm::Figure => $this->figure($place, $given),
            AnswerForm::Share => self::share($place, $given),
        };
    }

    /** @throws InvalidAnswer */
    private function chosen(AskedPlace $place, PlaceAnswer $given): Judged
    {
        if (null === $given->code) {
            throw InvalidAnswer::missing($place);
        }
        foreach ($this->answersAt($place) as $answer) {
            if ($given->code === $answer->code) {
                !$answer->asksWords || '' !== $given->words || throw InvalidAnswer::withoutWords($place, $answer);

                return Judged::ofAnswer($place, $answer, $given->words);
            }
        }
        throw InvalidAnswer::unknownAnswer($place, $given->code);
    }

    /** @throws InvalidAnswer */
    private function figure(AskedPlace $place, PlaceAnswer $given): Judged
    {
        if ([] === $given->figures) {
            throw InvalidAnswer::missing($place);
        }
        if (\count($given->figures) > 1 && !$this->measure->takesSeveral()) {
            throw InvalidAnswer::oneFigure($place);
        }
        $range = $place->range ?? new FigureRange(null, null, $this->measure->unit());
        $low = array_filter($given->figures, $range->isBelow(...));
        $high = array_filter($given->figures, $range->isAbove(...));
        foreach ($given->figures as $figure) {
            self::isAbsurd($figure, $range) && throw InvalidAnswer::offScale($place, $range->figure($figure));
        }
        $text = $place->prefix().implode(', ', array_map($range->figure(...), $given->figures));

        return match (true) {
            [] !== [...$low, ...$high] && $this->measure->isSet() => new Judged(
                $place->key,
                Judged::NOT_SET,
                $text,
                Verdict::Finding,
                \sprintf('Outside %s: it is set, then measured again.', $range->text()),
            ),
            [] !== $low => new Judged($place->key, 'below', $text, $this->measure->outside(), $this->measure->below($range->text())),
            [] !== $high => new Judged($place->key, 'above', $text, $this->measure->outside(), $this->measure->above($range->text())),
            $range->isOpen() => new Judged($place->key, 'figure', $text, Verdict::GoOn, ''),
            default => new Judged($place->key, 'within', $text, Verdict::GoOn, 'within '.$range->text()),
        };
    }

    private static function isAbsurd(BigDecimal $figure, FigureRange $range): bool
    {
        $most = $range->max ?? $range->min;
        $isFar = null !== $most && $most->isPositive() && $figure->isGreaterThan($most->multipliedBy(self::ABSURD));

        return $isFar || $figure->isNegative();
    }

    /** @throws InvalidAnswer */
    private static function share(AskedPlace $place, PlaceAnswer $given): Judged
    {
        $share = $given->share ?? throw InvalidAnswer::missing($place);
        $share >= 0 && $share <= 100 || throw InvalidAnswer::offScale($place, $share.' %');
        $isSpent = null !== $place->renewAt && $share <= $place->renewAt;
        !$given->renewed || null !== $place->part || throw InvalidAnswer::nothingToRenew($place);
        $text = \sprintf('%s%d %% left%s', $place->prefix(), $share, $given->renewed ? ', renewed' : '');

        return match (true) {
            $given->renewed => new Judged($place->key, 'renewed', $text, Verdict::GoOn, $isSpent ? 'spent' : ''),
            $isSpent => new Judged(
                $place->key,
                'spent',
                $text,
                Verdict::Finding,
                \sprintf('Spent: it is renewed at %d %% or less.', $place->renewAt),
            ),
            100 === $share => new Judged(
                $place->key,
                'untouched',
                $text,
                Verdict::Note,
                'After long in salt water it is not connected: clean its seat, look at the bonding.',
            ),
            default => new Judged($place->key, 'left', $text, Verdict::GoOn, ''),
        };
    }

    /**
     * Plugs are read as a set: one unlike all the others points at its cylinder, whatever it looks like.
     *
     * @param non-empty-list<Judged> $all
     *
     * @return non-empty-list<Judged>
     */
    private function asSet(array $all): array
    {
        $counts = array_count_values(array_map(static fn (Judged $each): string => $each->code, $all));
        $isUnlike = static fn (Judged $each): bool => 1 === $counts[$each->code] && 2 === \count($counts);

        return Measure::PlugLook !== $this->measure || \count($all) < self::A_SET ? $all : array_map(
            static fn (Judged $each): Judged => $isUnlike($each)
                ? $each->worsened(Verdict::Finding, 'Unlike the rest: find out what is wrong with this cylinder.')
                : $each,
            $all,
        );
    }
}
