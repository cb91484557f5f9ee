<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use Brick\Math\BigDecimal;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\StepDone;

/**
 * What there is to be measured or seen at the steps of an order. Answers that hold everywhere are told once.
 *
 * @phpstan-type Doc array<string, mixed>
 */
final readonly class MeasureDocument
{
    /** @return Doc|null null: nothing beside that it was done */
    public static function of(StepDone $done): ?array
    {
        $limit = $done->limit;

        return null === $done->measure ? null : [
            'kind' => $done->measure->measure->value,
            'label' => $done->measure->measure->label(),
            'limit' => null === $limit ? null : ['path' => $limit->path, 'text' => $limit->text],
            'form' => $done->measure->measure->form()->value,
            'several' => $done->measure->measure->takesSeveral(),
            'places' => array_map(
                static fn (AskedPlace $place): array => self::place($place, $done->measure->measure->isSet()),
                $done->measure->places,
            ),
        ];
    }

    /**
     * @param list<OrderedOperation> $operations
     *
     * @return array<string, list<Doc>>|\stdClass by what is looked at, or the kind of measure; only those that the order asks for
     */
    public static function answers(array $operations, ShopAnswers $seen): array|\stdClass
    {
        $answers = [];
        foreach ($operations as $operation) {
            foreach ($operation->steps as $step) {
                if (isset(Observation::QUESTIONS[$step->done->entry])) {
                    $answers[$step->done->entry] ??= array_map(self::answer(...), $seen->at($step->done->entry));
                }
                $measure = $step->done->measure;
                if (null !== $measure && [] !== $measure->answers) {
                    $answers[$measure->measure->value] ??= self::all($measure);
                }
            }
        }

        return [] === $answers ? new \stdClass() : $answers;
    }

    /** @return list<Doc> */
    private static function all(AskedMeasure $measure): array
    {
        return array_map(self::answer(...), $measure->answers);
    }

    /**
     * @param bool $isSet whether it is set to its limits: then their middle is there before anybody looks
     *
     * @return Doc
     */
    private static function place(AskedPlace $place, bool $isSet): array
    {
        $own = [
            'label' => '' === $place->label ? null : $place->label,
            'answers' => null === $place->answers ? null : array_map(self::answer(...), $place->answers),
            'range' => null === $place->range ? null : [
                'min' => self::figure($place->range->min),
                'max' => self::figure($place->range->max),
                'unit' => $place->range->unit,
                'unitText' => $place->range->unitText(),
                'text' => $place->range->text(),
            ],
            'preset' => $isSet ? $place->range?->middle() : null,
            'renewAt' => $place->renewAt,
            'part' => $place->part,
            'hint' => '' === $place->hint ? null : $place->hint,
        ];

        return ['key' => $place->key, ...array_filter($own, static fn (mixed $each): bool => null !== $each)];
    }

    private static function figure(?BigDecimal $figure): ?string
    {
        return null === $figure ? null : (string) $figure;
    }

    /** @return Doc */
    private static function answer(Answer $answer): array
    {
        return [
            'code' => $answer->code,
            'label' => $answer->label,
            'verdict' => $answer->verdict->value,
            'meaning' => $answer->meaning,
            ...('' === $answer->instruction ? [] : ['instruction' => $answer->instruction]),
            ...($answer->asksWords ? ['asksWords' => true] : []),
        ];
    }
}
