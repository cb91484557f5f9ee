<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Order\ToolLine;
use FreshTack\Core\Parts\KitOffer;
use FreshTack\Core\Parts\PartDemand;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Plan\Position;

/**
 * What is pulled for a work order: parts, kits, tools.
 *
 * @phpstan-type Doc array<string, mixed>
 */
final readonly class PullDocument
{
    /** @return Doc */
    public static function part(PartLine $line): array
    {
        return [
            'number' => $line->number,
            'description' => $line->shelf?->description,
            'bin' => $line->shelf?->bin,
            'count' => $line->count,
            'inStock' => $line->shelf?->inStock,
            'short' => $line->short(),
            'singleUse' => $line->singleUse,
            'atHand' => $line->atHand,
            'instead' => $line->instead,
            'standsFor' => $line->standsFor,
            'arrivesOn' => $line->arrivesOn()?->format('Y-m-d'),
            'firstUse' => $line->firstUse,
            'uses' => self::uses($line),
            'positions' => array_map(static fn (Position $position): string => $position->label(), $line->positions),
            'why' => $line->why,
        ];
    }

    /**
     * Where it goes on. Of a kit nobody can say how many pieces of it an operation takes.
     *
     * @return list<Doc>
     */
    private static function uses(PartLine $line): array
    {
        return array_map(static fn (PartDemand $demand): array => [
            'operation' => $demand->operation,
            'count' => [] === ($line->shelf->kit ?? []) ? $demand->count : null,
            'atHand' => $demand->atHand,
        ], $line->demands);
    }

    /** @return Doc */
    public static function kit(KitOffer $offer): array
    {
        return [
            'number' => $offer->kit->number,
            'description' => $offer->kit->description,
            'count' => $offer->count,
            'covers' => self::pieces($offer->covers),
            'leavesOver' => self::pieces($offer->leavesOver),
            'priceMinor' => $offer->priceMinor,
            'looseMinor' => $offer->looseMinor,
            'taken' => $offer->taken,
            'why' => $offer->reason(),
        ];
    }

    /**
     * @param array<array-key, int> $counts by part number
     *
     * @return list<Doc>
     */
    private static function pieces(array $counts): array
    {
        return array_map(static fn (int|string $number, int $count): array => ['number' => (string) $number, 'count' => $count], array_keys($counts), array_values($counts));
    }

    /** @return Doc */
    public static function tool(ToolLine $tool): array
    {
        return ['firstUse' => $tool->firstUse, 'name' => $tool->name, 'size' => $tool->size, 'standIn' => $tool->standIn, 'wrench' => null === $tool->wrench ? null : ['name' => $tool->wrench->wrench?->name(), 'calibratedOn' => $tool->wrench->wrench?->calibratedOn->format('Y-m-d'), 'warning' => $tool->wrench->warning], 'positions' => array_map(static fn (Position $position): string => $position->label(), $tool->positions), 'why' => $tool->why()];
    }
}
