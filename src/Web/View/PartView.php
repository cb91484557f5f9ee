<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Shop\Parts\PartChange;
use FreshTack\Shop\Parts\PartsImport;

final readonly class PartView
{
    private const SHOWN = 200;

    /** @return array<string, mixed> */
    public static function line(CataloguePart $part): array
    {
        return [
            'number' => $part->number,
            'description' => $part->description,
            'maker' => $part->maker,
            'origin' => $part->origin->value,
            'packSize' => $part->packSize,
            'bin' => $part->bin,
            'inStock' => $part->inStock,
            'priceMinor' => $part->priceMinor,
            'supersededBy' => $part->supersededBy,
            'kit' => array_map(static fn (KitLine $line): array => ['part' => $line->part, 'count' => $line->count], $part->kit),
            'onOrder' => $part->onOrder,
            'arrivesOn' => $part->arrivesOn?->format('Y-m-d'),
            'substituteFor' => $part->substituteFor,
        ];
    }

    /** @return array<string, mixed> the first of many changes, and how many there are */
    public static function import(PartsImport $import): array
    {
        return [
            'added' => \count($import->added()),
            'changed' => \count($import->changes) - \count($import->added()),
            'same' => $import->same,
            'changes' => array_map(static fn (PartChange $change): array => ['row' => $change->row, 'before' => null === $change->before ? null : self::line($change->before), 'after' => self::line($change->after)], \array_slice($import->changes, 0, self::SHOWN)),
        ];
    }
}
