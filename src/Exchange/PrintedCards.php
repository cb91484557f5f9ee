<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/**
 * The work of an order for paper: its sequence, a line for each operation at each engine, and a card for each operation
 * that tells how it is done, once, however many engines it is done at, with a tick for each.
 *
 * @phpstan-type Doc array<mixed>
 */
final readonly class PrintedCards
{
    /** Letters of a plain step that fits beside another. */
    private const HALF = 118;

    /**
     * @param Doc  $document   a work order, of any format
     * @param bool $withSlips whether the usual slips are printed too
     *
     * @return array{lines: list<Doc>, cards: list<Doc>}
     */
    public static function of(array $document, bool $withSlips): array
    {
        $lines = $byWords = [];
        $numbers = [];
        foreach (self::all($document['operations'] ?? null) as $place => $operation) {
            $words = self::key($operation);
            $numbers[$words] ??= \count($numbers) + 1;
            $byWords[$words][] = ['no' => $place + 1, 'operation' => $operation];
            $lines[] = ['no' => $place + 1, 'operation' => $operation, 'card' => $numbers[$words]];
        }
        $cards = [];
        $laidOut = self::laidOut($document);
        foreach ($byWords as $members) {
            $cards[] = [...self::card(\count($cards) + 1, $members, $withSlips), 'laidOut' => self::readyFor($members, $laidOut)];
        }

        return ['lines' => $lines, 'cards' => $cards];
    }

    /**
     * @param Doc $document
     *
     * @return array<array-key, list<Doc>> parts that lie ready in case they are needed, by the id of the operation
     */
    private static function laidOut(array $document): array
    {
        $laidOut = [];
        foreach (self::all($document['parts'] ?? null) as $part) {
            foreach (self::all($part['uses'] ?? null) as $use) {
                if (true === ($use['atHand'] ?? false) && \is_string($use['operation'] ?? null)) {
                    $laidOut[$use['operation']][] = ['number' => $part['number'] ?? '', 'count' => $use['count'] ?? null];
                }
            }
        }

        return $laidOut;
    }

    /**
     * @param non-empty-list<array{no: int, operation: Doc}> $members
     * @param array<array-key, list<Doc>>                    $laidOut by the id of the operation
     *
     * @return list<Doc> with the engine that each is for
     */
    private static function readyFor(array $members, array $laidOut): array
    {
        $ready = [];
        foreach ($members as $member) {
            $id = $member['operation']['id'] ?? null;
            foreach (\is_string($id) ? $laidOut[$id] ?? [] : [] as $part) {
                $ready[] = [...$part, 'label' => $member['operation']['label'] ?? ''];
            }
        }

        return $ready;
    }

    /**
     * All that a card prints of an operation, but the figures of its steps: those are told with their engines.
     *
     * @param Doc $operation
     */
    private static function key(array $operation): string
    {
        $of = static fn (array $document, string ...$names): array => array_map(
            static fn (string $name): mixed => $document[$name] ?? null,
            $names,
        );
        $steps = array_map(static fn (array $step): array => [
            $of($step, 'text', 'check', 'slip', 'beside', 'entry', 'count', 'rows', 'warning', 'stages'),
            \is_array($step['tightening'] ?? null) ? $step['tightening']['pattern'] ?? null : null,
            isset($step['figure']),
            self::places($step),
        ], self::all($operation['steps'] ?? null));
        $printed = $of($operation, 'title', 'cautions', 'why', 'gates', 'people', 'attendedMin', 'presenceMin', 'unattendedMin');

        return hash('xxh128', Json::encode([$printed, isset($operation['position']), $steps]));
    }

    /**
     * @param Doc $step
     *
     * @return list<Doc> what somebody writes down place by place; limits are told with the engine
     */
    private static function places(array $step): array
    {
        $measure = \is_array($step['measure'] ?? null) ? $step['measure'] : [];

        return array_map(
            static fn (array $place): array => array_diff_key($place, ['range' => true]),
            self::all($measure['places'] ?? null),
        );
    }

    /**
     * @param non-empty-list<array{no: int, operation: Doc}> $members
     *
     * @return Doc
     */
    private static function card(int $number, array $members, bool $withSlips): array
    {
        $engines = array_map(
            static fn (array $member): array => ['no' => $member['no'], 'label' => $member['operation']['label'] ?? ''],
            $members,
        );
        $steps = [];
        foreach (self::all($members[0]['operation']['steps'] ?? null) as $place => $step) {
            $same = array_map(static fn (array $member): array => self::all($member['operation']['steps'] ?? null)[$place] ?? [], $members);
            $steps[] = [...$step, 'figures' => self::figures($same, $engines)];
        }

        return [
            'no' => $number,
            'operation' => $members[0]['operation'],
            'engines' => $engines,
            'rows' => self::paired($steps, $withSlips),
        ];
    }

    /**
     * @param non-empty-list<Doc>                    $steps   the same step at each engine
     * @param list<array{no: int, label: mixed}> $engines
     *
     * @return list<Doc> each figure once, with the engines that it is for; none named: all
     */
    private static function figures(array $steps, array $engines): array
    {
        $figures = $who = [];
        foreach ($steps as $place => $step) {
            $figure = $step['figure'] ?? null;
            if (\is_array($figure)) {
                $key = Json::encode([$figure['text'] ?? '', $figure['detail'] ?? null]);
                $figures[$key] = $figure;
                $who[$key][] = $engines[$place]['label'];
            }
        }
        $told = [];
        foreach ($figures as $key => $figure) {
            $told[] = [...$figure, 'who' => \count($figures) > 1 ? array_values(array_unique($who[$key], \SORT_REGULAR)) : []];
        }

        return $told;
    }

    /**
     * Plain steps that are short stand two in a row.
     *
     * @param list<Doc> $steps
     *
     * @return list<list<Doc>>
     */
    private static function paired(array $steps, bool $withSlips): array
    {
        $rows = [];
        $waiting = null;
        foreach ($steps as $step) {
            $isHalf = self::isHalf($step, $withSlips);
            if (null !== $waiting && $isHalf) {
                $rows[] = [$waiting, $step];
                $waiting = null;
            } else {
                $rows = null === $waiting ? $rows : [...$rows, [$waiting]];
                $waiting = $isHalf ? $step : null;
                $rows = $isHalf ? $rows : [...$rows, [$step]];
            }
        }

        return null === $waiting ? $rows : [...$rows, [$waiting]];
    }

    /** @param Doc $step */
    private static function isHalf(array $step, bool $withSlips): bool
    {
        $told = [$step['text'] ?? '', $step['check'] ?? '', $withSlips ? $step['slip'] ?? '' : ''];
        $words = implode(' ', array_filter($told, \is_string(...)));

        return [] === $step['figures'] && [] === ($step['rows'] ?? []) && 'tick' === ($step['entry'] ?? 'tick')
            && null === ($step['warning'] ?? null) && mb_strlen($words) <= self::HALF;
    }

    /** @return list<Doc> */
    private static function all(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, \is_array(...))) : [];
    }
}
